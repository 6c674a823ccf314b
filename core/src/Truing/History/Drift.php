<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\History;

use JackRest\Core\Measure\StudentT;

/**
 * How fast a reference moves, told from the scatter of its tests.
 *
 * Correcting starts a new run. Through all runs goes one slope, each run having its own height:
 * slope = Σ(t−t̄)(e−ē) ÷ Σ(t−t̄)², the means each run's own. Its standard error comes from what scatters about the
 * line, and never from less than the tests' own uncertainty; it is a drift when |slope| exceeds Student's t (95 %, two
 * sides) times that. Source: least squares; Student, 1908.
 */
final readonly class Drift
{
    public const DAYS_PER_YEAR = 365.25;

    private const SHARE = 0.975;

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
        $error = max($scatter, $known) / sqrt($spread);
        // Where the readings' own uncertainty is the larger, it is known beforehand: no few degrees of freedom then.
        $factor = $known >= $scatter ? 1.96 : StudentT::quantile(self::SHARE, $freedom);

        return new self($slope, $error, $scatter, $freedom, abs($slope) > $factor * $error);
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
            static fn (Tested $test): array => [$test->day - $days, $test->errorMm - $error, $test->uncertaintyMm / 2],
            $run,
        );
    }
}
