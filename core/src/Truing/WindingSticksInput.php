<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class WindingSticksInput
{
    /** @throws InvalidInput when a reading is as large as the sticks are long */
    public function __construct(
        #[Field('width of the board, mm', above: 0)] public float $boardWidthMm,
        #[Field('length of the sticks, mm', above: 0)] public float $stickLengthMm,
        #[
            Field('how much higher the far stick’s right end stands over the near stick’s than its left end does, mm'),
        ]
        public float $readingMm,
        #[Field('the same with the far stick turned end for end, mm')] public ?float $turnedReadingMm = null,
        #[Field('thickness of one shaving, mm', above: 0)] public ?float $shavingMm = null,
    ) {
        foreach (['readingMm' => $readingMm, 'turnedReadingMm' => $turnedReadingMm ?? 0.0] as $field => $reading) {
            if (abs($reading) >= $stickLengthMm) {
                throw InvalidInput::because($field, "must be smaller than the sticks are long ($stickLengthMm mm)");
            }
        }
    }
}
