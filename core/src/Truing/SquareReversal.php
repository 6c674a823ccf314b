<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Measure\UncertaintyBudget;

/**
 * A square tested against itself: a line knifed along its blade, the square turned over, a second line
 * from the same foot. The lines part by twice the error.
 *
 * error = (mean far gap − near gap)/2; angle = atan(error/length); inside angle = 90° − that.
 * U = t₉₅(ν_eff)·½·√(s²/n + line²/6 + resolution²/12), s the sample deviation of the n repeats, of n − 1 degrees of
 * freedom; a gap read at the near end as well is one reading more: resolution²/12 twice.
 * Source: reversal, common practice; uncertainty as JCGM 100 (the GUM), 4.3.7, 5.1.2 and G.4, with a line's edge taken
 * as uniform over its width and a reading as uniform over the resolution.
 */
#[Calculates('square-reversal', 'Error of a square from its reversal test')]
final class SquareReversal
{
    public function __invoke(SquareReversalInput $test): SquareReversalResult
    {
        $errorMm = ($test->meanFarGapMm() - ($test->nearGapMm ?? 0.0)) / 2;
        $errorDeg = rad2deg(atan($errorMm / $test->bladeLengthMm));
        $uncertaintyMm = self::budget($test)->expandedMm();
        $atHeel = ($errorMm > 0) === ($test->edge === SquareEdge::Outer);

        return new SquareReversalResult(
            $errorMm,
            $errorDeg,
            90 - $errorDeg,
            $uncertaintyMm,
            Lean::of($errorMm, $uncertaintyMm),
            $atHeel ? abs($errorMm) : 0.0,
            $atHeel ? 0.0 : abs($errorMm),
            $test->shavingMm === null ? null : Rounding::up(abs($errorMm) / $test->shavingMm),
            $test->toleranceMm === null ? null : Verdict::of($errorMm, $uncertaintyMm, $test->toleranceMm),
        );
    }

    /** The error is half a gap, so each contribution to it is a fourth of the gap's. Source: JCGM 100, 5.1.2. */
    public static function budget(SquareReversalInput $test): UncertaintyBudget
    {
        $repeats = count($test->farGapsMm);
        $readings = $test->nearGapMm === null ? 1 : 2;

        return new UncertaintyBudget(
            [
                'repeats' => self::varianceMm2($test) / $repeats / 4,
                'line' => self::lineVarianceMm2($test->lineWidthMm),
                'reading' => $readings * $test->resolutionMm ** 2 / 12 / 4,
            ],
            $repeats === 1 ? [] : ['repeats' => $repeats - 1],
        );
    }

    /** What two knifed lines of that width contribute to the error. */
    public static function lineVarianceMm2(float $lineWidthMm): float
    {
        return $lineWidthMm ** 2 / 6 / 4;
    }

    /** Of a single reading, from the repeats; 0 where there is but one. */
    public static function varianceMm2(SquareReversalInput $test): float
    {
        $repeats = count($test->farGapsMm);
        // Equal readings have no spread, whatever their mean is rounded to.
        if (min($test->farGapsMm) === max($test->farGapsMm)) {
            return 0.0;
        }
        $mean = $test->meanFarGapMm();
        $squares = array_sum(array_map(static fn (float $gap): float => ($gap - $mean) ** 2, $test->farGapsMm));

        return $squares / ($repeats - 1);
    }
}
