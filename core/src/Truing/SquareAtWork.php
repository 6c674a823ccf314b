<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/**
 * What a square's error does to the work that is marked with it.
 *
 * A shoulder of width w stands open by w·tan δ at one side. A frame or box marked round with one square is off by δ at
 * each of four corners in the same sense: its last joint stands open by w·tan 4δ. Source: plane geometry.
 */
final readonly class SquareAtWork
{
    public function __construct(public float $errorDeg, public float $widthMm)
    {
    }

    public function shoulderGapMm(): float
    {
        return $this->widthMm * tan(deg2rad(abs($this->errorDeg)));
    }

    public function closingMm(): float
    {
        return $this->widthMm * tan(deg2rad(4 * abs($this->errorDeg)));
    }

    /** Which grade of DIN 875-1 a metal square of this error keeps to; null: none. */
    public static function grade(float $bladeLengthMm, float $errorMm): ?SquareGradeName
    {
        foreach ((new SquareGrade())(new SquareGradeInput($bladeLengthMm, $errorMm))->grades as $grade) {
            if ($grade->met) {
                return $grade->grade;
            }
        }

        return null;
    }
}
