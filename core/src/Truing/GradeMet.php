<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

/** One grade of a standard, and whether something keeps to it. */
final readonly class GradeMet
{
    public function __construct(
        #[Field('the grade')] public SquareGradeName $grade,
        #[Field('what it allows over this length, mm')] public float $toleranceMm,
        #[Field('whether the error keeps to it')] public bool $met,
    ) {
    }
}
