<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class SawTemplateInput
{
    /** More teeth than this are no hand saw. */
    private const MOST_TEETH = 5000;

    /** @throws InvalidInput when the pitch is not given once, or the toe does not fit the saw */
    public function __construct(
        #[Field('length of the toothed edge, mm', above: 0, atMost: 3000)] public float $lengthMm,
        #[Field('distance from tip to tip, mm', above: 0, atMost: 30)] public ?float $pitchMm = null,
        #[Field('teeth per inch (points per inch less one)', above: 0, atMost: 100)] public ?float $teethPerInch = null,
        #[
            Field('pitch at the toe, mm; the same as elsewhere if not given', above: 0, atMost: 30),
        ]
        public ?float $toePitchMm = null,
        #[
            Field('how far from the toe it differs, mm; the whole length if graded and not given', atLeast: 0),
        ]
        public ?float $toeLengthMm = null,
        #[
            Field('whether the pitch grows evenly over that length instead of changing at its end'),
        ]
        public bool $graded = false,
    ) {
        if (($pitchMm === null) === ($teethPerInch === null)) {
            throw InvalidInput::because('pitchMm', 'give either the pitch or the teeth per inch, one of the two');
        }
        if ($toeLengthMm !== null && $toeLengthMm > $lengthMm) {
            throw InvalidInput::because('toeLengthMm', "must be at most as long as the toothed edge ($lengthMm mm)");
        }
        if ($toePitchMm === null && ($graded || $toeLengthMm !== null)) {
            throw InvalidInput::because('toePitchMm', 'say the pitch at the toe too');
        }
        if ($toePitchMm !== null && ! $graded && $toeLengthMm === null) {
            throw InvalidInput::because('toeLengthMm', 'say how far from the toe the other pitch goes');
        }
        if ($lengthMm / min($this->pitch(), $toePitchMm ?? INF) > self::MOST_TEETH) {
            throw InvalidInput::because('lengthMm', 'asks for more than '.self::MOST_TEETH.' teeth');
        }
    }

    public function pitch(): float
    {
        return $this->pitchMm ?? SawTeethInput::MM_PER_INCH / (float) $this->teethPerInch;
    }
}
