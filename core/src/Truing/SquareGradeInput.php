<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class SquareGradeInput
{
    public function __construct(
        #[Field('length of the blade, mm', above: 0)] public float $bladeLengthMm,
        #[Field('how far it is out of square over that length, mm')] public float $errorMm,
    ) {
    }
}
