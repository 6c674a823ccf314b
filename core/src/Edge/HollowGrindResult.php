<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class HollowGrindResult
{
    public function __construct(
        #[Field('length of the bevel from edge to heel, mm')] public float $bevelLengthMm,
        #[Field('depth of the hollow as ground, mm')] public float $hollowDepthMm,
        #[Field('angle at the edge as ground, degrees')] public float $edgeDeg,
        #[Field('angle at the heel as ground, degrees')] public float $heelDeg,
        #[Field('width of a honed land, the mean of the two, mm')] public float $landMm,
        #[Field('honings until the hollow is gone')] public ?int $honingsUntilFlat = null,
    ) {
    }
}
