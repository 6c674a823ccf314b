<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class NickInput
{
    /** @throws InvalidInput when the secondary bevel is not the steeper */
    public function __construct(
        #[Field('depth of the nick along the back, mm', above: 0)] public float $depthMm,
        #[Field('width of the blade, mm', above: 0)] public float $bladeWidthMm,
        #[Field('thickness of the blade, mm', above: 0)] public float $thicknessMm,
        #[Field('angle of the ground bevel, degrees', above: 0, below: 90)] public float $primaryDeg,
        #[Field('angle of the honed bevel, degrees', above: 0, below: 90)] public float $secondaryDeg,
        #[Field('widest secondary bevel one would hone, mm', above: 0)] public float $maxMicroWidthMm = 2.0,
    ) {
        if ($secondaryDeg <= $primaryDeg) {
            throw InvalidInput::because('secondaryDeg', "must be steeper than the primary bevel ({$primaryDeg}°)");
        }
    }
}
