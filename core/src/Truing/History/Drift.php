<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\History;

use JackRest\Core\Measure\UncertaintyBudget;

/**
 * How fast a reference moves, told from the scatter of its tests.
 *
 * Correcting starts a new run. Through all runs goes one slope, each run having its own height:
 * slope = Σ(t−t̄)(e−ē) ÷ Σ(t−t̄)², the means each run's own. Its standard error comes from what scatters about the
 * line, and never from less than the tests' own uncertainty: that is known beforehand, only what scatters beyond it
 * has few degrees of freedom. It is a drift when |slope| exceeds t₉₅(ν_eff) times that. Source: least squares;
 * JCGM 100, G.4.
 */
final readonly class Drift
{
    public const DAYS_PER_YEAR = 365.25;

    private function __construct(
        public float $mmPerDay,
        public float $standardErrorMm,
        public float $scatterMm,
        public int $freedom,
        public bool $isTold,
    ) {
    }

    /**
     * @param  list<Tested>  $tests  in the order they were made
     * @return self|null null: too few tests, or all on one day
     */
    public static function of(array $tests): ?self
    {
        $points = [];
        $runs = self::runs($tests);
        foreach ($runs as $run) {
            $points = [...$points, ...self::centred($run)];
        }
        $spread = array_sum(array_map(static fn (array $point): float => $point[0] ** 2, $points));
        $freedom = count($points) - count($runs) - 1;
        if ($freedom < 1 || $spread < 1e-9) {
            return null;
        }
        $slope = array_sum(array_map(static fn (array $point): float => $point[0] * $point[1], $points)) / $spread;
        $left = array_sum(array_map(static fn (array $point): float => ($point[1] - $slope * $point[0]) ** 2, $points));
        $scatter = sqrt($left / $freedom);
        $known = array_sum(array_column($points, 2)) / count($points);
        $budget = new UncertaintyBudget(
            ['readings' => $known ** 2, 'scatter beyond them' => max(0.0, $scatter ** 2 - $known ** 2)],
            ['scatter beyond them' => $freedom],
        );
        $error = $budget->standardMm() / sqrt($spread);

        return new self($slope, $error, $scatter, $freedom, abs($slope) > $budget->coverageFactor() * $error);
    }

    public function mmPerYear(): float
    {
        return $this->mmPerDay * self::DAYS_PER_YEAR;
    }

    /**
     * Tests between corrections; those with one test tell nothing of a slope and are left out.
     *
     * @param  list<Tested>  $tests
     * @return list<non-empty-list<Tested>>
     */
    private static function runs(array $tests): array
    {
        $runs = [[]];
        foreach ($tests as $test) {
            $runs[count($runs) - 1][] = $test;
            if ($test->corrected) {
                $runs[] = [];
            }
        }

        return array_values(array_filter($runs, static fn (array $run): bool => count($run) > 1));
    }

    /**
     * @param  non-empty-list<Tested>  $run
     * @return list<array{float, float, float}> day and error from the run's means, standard uncertainty
     */
    private static function centred(array $run): array
    {
        $days = array_sum(array_map(static fn (Tested $test): float => $test->day, $run)) / count($run);
        $error = array_sum(array_map(static fn (Tested $test): float => $test->errorMm, $run)) / count($run);

        return array_map(
            static fn (Tested $test): array => [
                $test->day - $days,
                $test->errorMm - $error,
                $test->uncertaintyMm / UncertaintyBudget::LARGE_SAMPLE,
            ],
            $run,
        );
    }
}
