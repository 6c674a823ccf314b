<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class CamberStrokesResult
{
    /** @param  list<CamberPlace>  $places */
    public function __construct(
        #[Field('radius of the edge, mm')] public float $radiusMm,
        #[Field('how far the corners lie behind the middle, mm')] public float $sagMm,
        #[Field('how much less the corners reach into the wood, mm')] public float $reliefMm,
        #[Field('from left to right', of: CamberPlace::class)] public array $places,
        #[Field('strokes in all')] public int $strokes,
    ) {
    }
}
