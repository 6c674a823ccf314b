<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing\History;

use JackRest\Core\Truing\History\DueReason;
use JackRest\Core\Truing\History\History;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HistoryTest extends TestCase
{
    /** @param  list<array{float, float}>  $tests  day and error, each known to ± 0.02 and within */
    private static function history(array $tests, float $tolerance = 0.1, ?float $fell = null): History
    {
        return new History(
            array_map(static fn (array $test): Tested => new Tested($test[0], $test[1], 0.02, Verdict::Within), $tests),
            $tolerance,
            $fell,
        );
    }

    public function test_never_tested_it_is_due(): void
    {
        self::assertSame(DueReason::NeverTested, self::history([])->due(0));
        self::assertNull(self::history([])->nextCheckDay());
    }

    #[TestWith([Verdict::Outside, true, null, DueReason::Corrected])]
    #[TestWith([Verdict::Outside, false, null, DueReason::Outside])]
    #[TestWith([Verdict::CannotTell, false, null, DueReason::CannotTell])]
    #[TestWith([Verdict::Within, false, 11.0, DueReason::Fell])]
    #[TestWith([Verdict::Within, false, 9.0, null])]
    #[TestWith([Verdict::Within, false, 10.0, null])]
    #[TestWith([Verdict::Within, false, 10.1, DueReason::Fell])]
    #[TestWith([Verdict::Outside, true, 11.0, DueReason::Fell])]
    #[TestWith([Verdict::Within, false, null, null])]
    public function test_why_it_wants_testing(Verdict $verdict, bool $corrected, ?float $fell, ?DueReason $due): void
    {
        $history = new History([new Tested(10, 0.01, 0.02, $verdict, $corrected)], 0.1, $fell);
        self::assertSame($due, $history->due(12));
        self::assertSame($due === null, $history->nextCheckDay() !== null);
    }

    /** Every test passed doubles the interval: 60, 120, then 180 days, a season, and no longer. */
    #[TestWith([1, 60.0])]
    #[TestWith([2, 120.0])]
    #[TestWith([3, 180.0])]
    #[TestWith([9, 180.0])]
    public function test_the_interval_grows_with_every_test_passed(int $tests, float $days): void
    {
        $history = self::history(array_map(static fn (int $index): array => [(float) $index, 0.0], range(1, $tests)));
        self::assertSame($days, $history->intervalDays());
        self::assertNull($history->due($tests + $days - 1));
        self::assertSame(DueReason::LongAgo, $history->due($tests + $days));
    }

    /** 0.02 in every 50 days: from 0.04, with ± 0.02, the tolerance of 0.1 is 0.04 away, 100 days. */
    public function test_a_drift_brings_the_next_check_forward(): void
    {
        $history = self::history([[0.0, -0.04], [50.0, -0.02], [100.0, 0.0], [150.0, 0.02], [200.0, 0.04]]);
        self::assertEqualsWithDelta(0.0004, $history->drift?->mmPerDay, 1e-12);
        self::assertEqualsWithDelta(100.0, $history->intervalDays(), 1e-9);
        self::assertSame(DueReason::Drift, $history->due(301));
    }

    /** A drift that the work cannot show raises no alarm before a season has passed. */
    public function test_a_wide_tolerance_is_not_alarmed(): void
    {
        self::assertSame(
            180.0,
            self::history(
                [[0.0, -0.04], [50.0, -0.02], [100.0, 0.0], [150.0, 0.02], [200.0, 0.04]],
                1.0,
            )->intervalDays(),
        );
    }

    public function test_a_drift_home_is_judged_by_the_far_side(): void
    {
        // From −0.09 upward it has to cross the whole band first: (0.1 + 0.03 − 0.02) ÷ 0.0004 = 275 days, more than a
        // season.
        self::assertSame(
            180.0,
            self::history([[0.0, -0.09], [50.0, -0.07], [100.0, -0.05], [150.0, -0.03]])->intervalDays(),
        );
    }

    public function test_scatter_is_called_scatter(): void
    {
        $history = self::history([[0.0, 0.02], [50.0, -0.02], [100.0, 0.02], [150.0, -0.02]]);
        self::assertFalse($history->drift?->isTold);
        self::assertNull(self::history([[0.0, 0.0], [9.0, 0.0]])->drift);
    }
}
