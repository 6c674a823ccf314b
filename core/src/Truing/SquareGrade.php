<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;

/**
 * Which grades of DIN 875-1 a metal square keeps to.
 *
 * The error is compared as it stands, without its uncertainty; a wooden square is judged by the user's own tolerance.
 * Source: DIN 875-1, from memory.
 */
#[Calculates('square-grade', 'Grades of a metal square')]
final class SquareGrade
{
    public function __invoke(SquareGradeInput $square): SquareGradeResult
    {
        return new SquareGradeResult(array_map(static function (SquareGradeName $grade) use ($square): GradeMet {
            $toleranceMm = $grade->toleranceUm($square->bladeLengthMm) / 1000;

            // A tolerance met to the last digit is met, whatever the last bits of its sum say.
            return new GradeMet($grade, $toleranceMm, abs($square->errorMm) <= $toleranceMm + 1e-12);
        }, SquareGradeName::cases()));
    }
}
