<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class SawTeethInput
{
    public const MM_PER_INCH = 25.4;

    /** @throws InvalidInput when both or neither of pitch and teeth per inch is given, or the teeth cannot be filed */
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
        #[Field('angle of the file’s corner, degrees', above: 10, below: 120)] public float $fileDeg = 60.0,
        #[Field('thickness of the plate, mm', above: 0, atMost: 5)] public ?float $plateMm = null,
        #[Field('set of the teeth to one side, mm', atLeast: 0)] public float $setPerSideMm = 0.0,
    ) {
        if (($pitchMm === null) === ($teethPerInch === null)) {
            throw InvalidInput::because('pitchMm', 'give either the pitch or the teeth per inch, one of the two');
        }
        if ($plateMm !== null && $setPerSideMm > $plateMm / 2) {
            throw InvalidInput::because(
                'setPerSideMm',
                'must be at most half the thickness of the plate ('.$plateMm / 2 .' mm): more breaks teeth',
            );
        }
    }

    public function pitch(): float
    {
        return $this->pitchMm ?? self::MM_PER_INCH / (float) $this->teethPerInch;
    }
}
