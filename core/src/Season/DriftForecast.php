<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Measure\UncertaintyBudget;

/**
 * Foretells a reference's error from its tests and the moisture of its wood.
 *
 * error = height of the run + k·moisture, a run being the tests between two corrections, each with a height of its own
 * of which nothing is known beforehand. Of k it is known beforehand that it is about nought, give or take what geometry
 * allows (`Leverage`): a normal prior. Tests weigh by their own uncertainty. Bayesian linear regression in closed form;
 * source: any textbook of statistics (normal prior, known variance).
 */
final readonly class DriftForecast
{
    /** A test that claims no uncertainty at all is taken for this, mm; from memory. */
    private const LEAST_DEVIATION_MM = 0.005;

    /** @param  float  $leverageMmPerPct  what geometry allows for each per cent, either way */
    public function __construct(private float $leverageMmPerPct, private float $toleranceMm)
    {
    }

    /**
     * @param  list<TestedWood>  $tests  in the order they were made
     * @param  float  $mcPct  moisture on the day asked about
     * @return PredictedError|null null: it was never tested, or not since wood was taken off
     */
    public function on(array $tests, float $mcPct): ?PredictedError
    {
        $runs = self::runs($tests);
        $last = $runs[count($runs) - 1];
        if ($last === []) {
            return null;
        }
        $prior = 1 / max(1e-12, $this->leverageMmPerPct ** 2);
        [$weight, $sum] = [$prior, 0.0];
        foreach ($runs as $run) {
            [, $moisture, $error] = self::means($run);
            foreach ($run as $tested) {
                $w = self::weight($tested);
                $weight += $w * ($tested->mcPct - $moisture) ** 2;
                $sum += $w * ($tested->mcPct - $moisture) * ($tested->test->errorMm - $error);
            }
        }
        $slope = $sum / $weight;
        [$total, $moisture, $error] = self::means($last);
        $from = $last[count($last) - 1];

        return new PredictedError(
            $from->test,
            $from->mcPct,
            $mcPct,
            $error + $slope * ($mcPct - $moisture),
            sqrt(1 / $total + ($mcPct - $moisture) ** 2 / $weight),
            $slope,
            $this->leverageMmPerPct,
            $weight > 2 * $prior,
            $this->toleranceMm,
        );
    }

    /**
     * @param  list<TestedWood>  $tests
     * @return non-empty-list<list<TestedWood>> the last one holds what was tested since the last correction
     */
    private static function runs(array $tests): array
    {
        $runs = [[]];
        foreach ($tests as $tested) {
            $runs[count($runs) - 1][] = $tested;
            if ($tested->test->corrected) {
                $runs[] = [];
            }
        }

        return $runs;
    }

    /**
     * @param  list<TestedWood>  $run
     * @return array{float, float, float} weight in all, mean moisture, mean error
     */
    private static function means(array $run): array
    {
        $total = $moisture = $error = 0.0;
        foreach ($run as $tested) {
            $w = self::weight($tested);
            $total += $w;
            $moisture += $w * $tested->mcPct;
            $error += $w * $tested->test->errorMm;
        }

        return $total > 0 ? [$total, $moisture / $total, $error / $total] : [0.0, 0.0, 0.0];
    }

    private static function weight(TestedWood $tested): float
    {
        return 1 / max(self::LEAST_DEVIATION_MM, $tested->test->uncertaintyMm / UncertaintyBudget::LARGE_SAMPLE) ** 2;
    }
}
