<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Field;

final readonly class MortiseLayoutResult
{
    /**
     * @param  array{float, float}  $gaugeMm
     * @param  array{float, float}  $stileWallsMm
     * @param  array{float, float}  $railCheeksMm
     */
    public function __construct(
        #[Field('width of the chisel, the mortise and the tenon, mm')] public float $chiselMm,
        #[Field('the gauge\'s two points from the face side, near and far, mm', of: 'number')] public array $gaugeMm,
        #[Field('walls of the stile, at the face and behind, mm', of: 'number')] public array $stileWallsMm,
        #[Field('what is sawn off the rail, at the face and behind, mm', of: 'number')] public array $railCheeksMm,
        #[Field('width of the tenon, mm')] public float $tenonWidthMm,
        #[Field('length of the tenon, mm')] public float $tenonLengthMm,
        #[Field('length of the mortise, mm')] public float $mortiseLengthMm,
        #[Field('depth of the mortise, mm')] public float $mortiseDepthMm,
        #[Field('how deep the cheeks are sawn, mm')] public float $sawDepthMm,
    ) {
    }
}
