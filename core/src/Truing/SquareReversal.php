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
 * U (k = 2) = √(s²/n + line²/6 + resolution²/12), s the sample deviation of the repeats.
 * Source: reversal, common practice; uncertainty as JCGM 100 (the GUM), with a line's edge taken as
 * uniform over its width and a reading as uniform over the resolution.
 */
#[Calculates('square-reversal', 'Error of a square from its reversal test')]
final class SquareReversal
{
    public function __invoke(SquareReversalInput $test): SquareReversalResult
    {
        $errorMm = ($test->meanFarGapMm() - $test->nearGapMm) / 2;
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

    /** U² = s²/n + line²/6 + resolution²/12: the halving of the gap and k = 2 cancel. Source: JCGM 100. */
    public static function budget(SquareReversalInput $test): UncertaintyBudget
    {
        return new UncertaintyBudget([
            'repeats' => self::varianceMm2($test) / count($test->farGapsMm),
            'line' => $test->lineWidthMm ** 2 / 6,
            'reading' => $test->resolutionMm ** 2 / 12,
        ]);
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
