<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing\History;

use JackRest\Core\Measure\LeastSquares;
use JackRest\Core\Truing\History\Drift;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\TestCase;

final class DriftTest extends TestCase
{
    private static function tested(
        float $day,
        float $error,
        bool $corrected = false,
        float $uncertainty = 0.002,
    ): Tested {
        return new Tested($day, $error, $uncertainty, Verdict::Within, $corrected);
    }

    /** One run without a correction is the plain least-squares line, which is compared with gnuplot elsewhere. */
    public function test_one_run_is_the_line_of_least_squares(): void
    {
        $points = [[0.0, 0.01], [30.0, 0.04], [95.0, 0.05], [160.0, 0.09]];
        $drift = Drift::of(array_map(static fn (array $point): Tested => self::tested(...$point), $points));
        self::assertNotNull($drift);
        self::assertEqualsWithDelta(LeastSquares::line($points)->slope, $drift->mmPerDay, 1e-15);
        self::assertSame(2, $drift->freedom);
    }

    /** Planed back twice, each run climbing by 0.001 a day: the jumps are no drift, the climb is. */
    public function test_corrections_start_anew(): void
    {
        $tests = [
            self::tested(0, 0.0),
            self::tested(50, 0.05),
            self::tested(100, 0.1, true),
            self::tested(101, -0.02),
            self::tested(151, 0.03),
            self::tested(201, 0.08, true),
            self::tested(202, 0.0),
        ];
        $drift = Drift::of($tests);
        self::assertNotNull($drift);
        self::assertEqualsWithDelta(0.001, $drift->mmPerDay, 1e-12);
        self::assertTrue($drift->isTold);
        self::assertSame(3, $drift->freedom);
    }

    public function test_too_few_or_all_on_one_day_tell_nothing(): void
    {
        self::assertNull(Drift::of([self::tested(0, 0.0), self::tested(9, 0.1)]));
        self::assertNull(Drift::of([self::tested(3, 0.0), self::tested(3, 0.1), self::tested(3, 0.2)]));
        self::assertNull(Drift::of([]));
    }

    /** What cannot be read cannot be called a drift: three tests on a line, but each known to ± 0.5 only. */
    public function test_no_drift_within_the_tests_own_uncertainty(): void
    {
        self::assertFalse(
            Drift::of([
                self::tested(0, 0.0, uncertainty: 0.5),
                self::tested(100, 0.1, uncertainty: 0.5),
                self::tested(200, 0.2, uncertainty: 0.5),
            ])?->isTold,
        );
    }

    /** A reference that only scatters is called drifting in about one of twenty, the one in twenty that 95 % leaves. */
    public function test_false_alarms_are_one_in_twenty(): void
    {
        mt_srand(31);
        $told = 0;
        for ($round = 0; $round < 2000; $round++) {
            $tests = [];
            for ($index = 0; $index < 6; $index++) {
                $noise =
                    sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) *
                    cos((2 * M_PI * mt_rand()) / mt_getrandmax());
                $tests[] = self::tested($index * 60.0, 0.05 * $noise, uncertainty: 0.01);
            }
            $told += Drift::of($tests)?->isTold === true ? 1 : 0;
        }
        self::assertGreaterThan(2000 * 0.03, $told);
        self::assertLessThan(2000 * 0.07, $told);
    }
}
