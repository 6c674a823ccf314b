<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

final readonly class SawFileInput
{
    public function __construct(
        #[Field('distance from tip to tip, mm', above: 0, atMost: 30)] public ?float $pitchMm = null,
        #[Field('teeth per inch (points per inch less one)', above: 0, atMost: 100)] public ?float $teethPerInch = null,
        #[
            Field('how far the front of a tooth leans back from upright, degrees', atLeast: -20, below: 60),
        ]
        public float $rakeDeg = 0.0,
        #[
            Field('how far the file is turned from square across the plate, degrees', atLeast: 0, atMost: 45),
        ]
        public float $fleamDeg = 0.0,
        #[
            Field('how far the file’s handle is lowered from level, degrees', atLeast: 0, atMost: 45),
        ]
        public float $slopeDeg = 0.0,
    ) {
    }

    public function teeth(): SawTeethResult
    {
        return (new SawTeeth())(
            new SawTeethInput($this->pitchMm, $this->teethPerInch, $this->rakeDeg, $this->fleamDeg, $this->slopeDeg),
        );
    }
}
