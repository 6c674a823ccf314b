<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\EdgeHistory;

use JackRest\Core\EdgeHistory\BluntForecast;
use JackRest\Core\EdgeHistory\Clock;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Core\EdgeHistory\Life;
use JackRest\Core\EdgeHistory\Span;
use JackRest\Core\Measure\Normal;
use JackRest\Core\Measure\StudentT;
use JackRest\Core\Timber\Hardness;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** An edge's diary read: spans, angles, steel used up, what holds better. */
final class EdgeHistoryTest extends TestCase
{
    private static function used(string $day, float $minutes, ?Hardness $wood = Hardness::Medium): EdgeEntry
    {
        return new EdgeEntry(EdgeEntryKind::Used, "{$day}T12:00:00Z", $minutes, $wood);
    }

    private static function honed(string $day, ?string $stone = null, ?float $recession = null): EdgeEntry
    {
        return new EdgeEntry(EdgeEntryKind::Honed, "{$day}T13:00:00Z", stone: $stone, recessionMm: $recession);
    }

    /**
     * Printed table of the normal distribution (Abramowitz and Stegun, table 26.1): 0.8413447, 0.9750021, 0.9986501.
     */
    #[TestWith([0.0, 0.5])]
    #[TestWith([1.0, 0.8413447461])]
    #[TestWith([1.96, 0.9750021049])]
    #[TestWith([3.0, 0.998650102])]
    #[TestWith([-1.0, 0.1586552539])]
    #[TestWith([1.2815515655, 0.9])]
    public function test_the_normal_distribution_is_the_printed_one(float $z, float $share): void
    {
        self::assertEqualsWithDelta($share, Normal::below($z), 1e-9);
        self::assertEqualsWithDelta($z, Normal::quantile($share), 1e-8);
    }

    public function test_far_tails_are_nothing_and_all(): void
    {
        self::assertSame([0.0, 1.0], [Normal::below(-7), Normal::below(7)]);
    }

    /** By hand: honed on the 1st, 60 minutes in soft and 20 in hard wood: 60 · 0.75 + 20 · 1.5 = 75 until the next. */
    public function test_spans_are_minutes_weighed_by_wood(): void
    {
        $life = Life::of(
            [
                self::honed('2026-01-01'),
                self::used('2026-01-05', 60, Hardness::Soft),
                self::used('2026-01-09', 20, Hardness::Hard),
                self::honed('2026-01-10', '8000 stone'),
                self::used('2026-01-12', 30),
            ],
            '2026-01-20',
        );
        self::assertSame(Clock::Minutes, $life->clock);
        self::assertEquals([new Span(75.0, '8000 stone', '2026-01-10T13:00:00Z')], $life->spans);
        self::assertSame(30.0, $life->now);
        self::assertEqualsWithDelta((45 + 30 + 30) / 15, (float) $life->perDay, 1e-12);
    }

    public function test_without_use_noted_days_are_counted(): void
    {
        $life = Life::of(
            [self::honed('2026-01-01'), self::honed('2026-02-10'), self::honed('2026-03-02')],
            '2026-03-22',
        );
        self::assertSame(
            [Clock::Days, [40.0, 20.0], 20.0],
            [$life->clock, array_map(static fn (Span $span): float => $span->length, $life->spans), $life->now],
        );
        self::assertNull($life->perDay);
    }

    public function test_a_use_before_the_first_honing_is_no_span(): void
    {
        $life = Life::of(
            [self::used('2026-01-01', 90), self::used('2026-01-02', 90), self::honed('2026-01-03')],
            '2026-01-03',
        );
        self::assertSame([[], 0.0], [$life->spans, $life->now]);
    }

    /** PHP's own calendar counts the same days, over leap years and centuries. */
    #[TestWith(['1999-12-31', '2000-03-01'])]
    #[TestWith(['2024-02-28', '2024-03-01'])]
    #[TestWith(['1900-01-01', '2100-12-31'])]
    public function test_days_between_are_the_calendars(string $from, string $to): void
    {
        $days = (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->days;
        self::assertSame((float) $days, Life::days($from, $to));
    }

    /** A span of 60 in the middle, spread ln 2 / 1.2816: eight in ten end between 30 and 120. */
    public function test_a_forecasts_range_by_hand(): void
    {
        $forecast = new BluntForecast(log(60), log(2) / Normal::quantile(0.9));
        self::assertEqualsWithDelta(
            [30.0, 60.0, 120.0],
            [$forecast->quantile(0.1), $forecast->quantile(0.5), $forecast->quantile(0.9)],
            1e-6,
        );
    }

    public function test_what_has_lasted_already_narrows_the_rest(): void
    {
        $forecast = new BluntForecast(log(60), 0.5);
        self::assertGreaterThan(60.0, $forecast->quantileAfter(0.5, 60.0));
        self::assertEqualsWithDelta(
            0.5,
            $forecast->chanceWithin($forecast->quantileAfter(0.5, 40.0) - 40.0, 40.0),
            1e-6,
        );
        self::assertSame(9000.0, $forecast->quantileAfter(0.5, 9000.0), 'what outlived all reason may end at once');
        self::assertSame(1.0, $forecast->chanceWithin(1.0, 9000.0));
    }

    /** One edge alone falls back on the usual hour; a bench of long spans carries a new edge along. */
    public function test_a_new_edge_leans_on_the_others_of_its_bench(): void
    {
        $new = Life::of(
            [self::honed('2026-01-01'), self::used('2026-01-02', 5), self::used('2026-01-03', 5)],
            '2026-01-04',
        );
        $alone = EdgeForecast::all([1 => $new])[1]->blunt->quantile(0.5);
        $events = [self::honed('2025-01-01')];
        for ($month = 1; $month <= 9; $month++) {
            $events = [...$events, self::used("2025-0$month-10", 300), self::honed("2025-0$month-11")];
        }
        $old = Life::of($events, '2026-01-04');
        $among = EdgeForecast::all([1 => $new, 2 => $old, 3 => $old, 4 => $old])[1]->blunt->quantile(0.5);
        self::assertEqualsWithDelta(60.0, $alone, 1.0);
        self::assertGreaterThan(120.0, $among);
    }

    /**
     * Sorts of one and the same life: at most one bench in twenty may claim a difference (95 % range), however much
     * edges differ and however many of each there are. Welch's degrees of freedom are near enough for six of a hundred;
     * of 800 benches that and two deviations of it are 0.077.
     *
     * @param  non-empty-list<int>  $counts  edges of each sort
     */
    #[TestWith([[5, 5], 0.4])]
    #[TestWith([[3, 3], 1.0])]
    #[TestWith([[10, 3], 1.5])]
    #[TestWith([[4, 4, 4, 4], 0.8])]
    public function test_it_seldom_sees_a_difference_that_is_not_there(array $counts, float $spread): void
    {
        mt_srand(3);
        $claims = 0;
        for ($bench = 0; $bench < 800; $bench++) {
            $sorts = [];
            foreach ($counts as $sort => $edges) {
                for ($edge = 0; $edge < $edges; $edge++) {
                    $own = 60 * exp($spread * self::deviate());
                    $span = static fn (): float => $own * exp(0.4 * self::deviate());
                    $sorts["sort $sort"][] = array_map($span, range(1, 4));
                }
            }
            $different = array_filter(
                EdgeLifeComparison::compare($sorts),
                static fn (EdgeLifeComparison $one): bool => $one->areToldApart(),
            );
            $claims += $different === [] ? 0 : 1;
        }
        self::assertLessThan(0.077, $claims / 800);
    }

    /** Five edges of each, one sort three times as long: three benches of four see it. */
    public function test_it_sees_a_difference_that_is_there(): void
    {
        mt_srand(4);
        $seen = 0;
        for ($bench = 0; $bench < 200; $bench++) {
            $sorts = [];
            foreach (['short' => 40, 'long' => 120] as $sort => $minutes) {
                for ($edge = 0; $edge < 5; $edge++) {
                    $own = $minutes * exp(0.4 * self::deviate());
                    $sorts[$sort][] = array_map(static fn (): float => $own * exp(0.4 * self::deviate()), range(1, 4));
                }
            }
            [$one] = EdgeLifeComparison::compare($sorts);
            $seen += $one->areToldApart() && $one->better === 'long' ? 1 : 0;
        }
        self::assertGreaterThan(150, $seen);
    }

    private static function deviate(): float
    {
        return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }

    /**
     * By hand, of two edges each: means ln 100 and ln 50, no spread but the one imagined square of 0.3²: 0.09/1/2 =
     * 0.045 for each mean; ν = 0.09²/(2 · 0.045²) = 2, t(0.975, 2) = 4.3027: the range is 2 · e^±(4.3027 · √0.09).
     */
    public function test_two_sorts_compared_by_hand(): void
    {
        [$one] = EdgeLifeComparison::compare([
            'soft' => [[50.0], [50.0, 50.0]],
            'hard' => [[100.0], [100.0], []],
            'one edge only' => [[900.0, 900.0]],
        ]);
        self::assertSame(['hard', 'soft'], [$one->better, $one->worse]);
        self::assertEqualsWithDelta(2.0, $one->ratio, 1e-9);
        $error = 4.302652730 * 0.3;
        self::assertEqualsWithDelta([2 * exp(-$error), 2 * exp($error)], [$one->least, $one->most], 1e-9);
        self::assertFalse($one->areToldApart());
    }

    /** By hand, of edges that differ: ln 90 and ln 110 beside ln 80 and ln 105. */
    public function test_sorts_that_overlap_are_not_told_apart(): void
    {
        [$one] = EdgeLifeComparison::compare(['a' => [[90.0], [110.0], [95.0]], 'b' => [[80.0], [105.0]]]);
        [$a, $b] = [[log(90), log(110), log(95)], [log(80), log(105)]];
        $mean = static fn (array $logs): float => array_sum($logs) / count($logs);
        $error = static fn (array $logs): float => (array_sum(array_map(
            static fn (float $log): float => ($log - $mean($logs)) ** 2,
            $logs,
        )) + 0.09) / (count($logs) - 1) / count($logs);
        $freedom = ($error($a) + $error($b)) ** 2 / ($error($a) ** 2 / 2 + $error($b) ** 2 / 1);
        self::assertEqualsWithDelta(exp($mean($a) - $mean($b)), $one->ratio, 1e-9);
        // Between t(0.975, 1) = 12.706 and t(0.975, 3) = 3.182 of the printed table.
        $t = log($one->most / $one->ratio) / sqrt($error($a) + $error($b));
        self::assertEqualsWithDelta(StudentT::quantile(0.975, $freedom), $t, 1e-9);
        self::assertGreaterThan(3.182, $t);
        self::assertLessThan(12.706, $t);
        self::assertEqualsWithDelta($one->ratio ** 2, $one->least * $one->most, 1e-9);
        self::assertFalse($one->areToldApart());
        self::assertSame([], EdgeLifeComparison::compare(['a' => [[90.0], [110.0]]]));
    }

    /** Uses without minutes, and one use alone, leave the days to count; today's own use does. */
    public function test_which_clock_an_edge_goes_by(): void
    {
        $bare = new EdgeEntry(EdgeEntryKind::Used, '2026-02-01T12:00:00Z');
        $clock = static fn (EdgeEntry ...$entries): Clock => Life::of(array_values($entries), '2026-03-01')->clock;
        self::assertSame(Clock::Days, $clock());
        self::assertSame(Clock::Days, $clock($bare, $bare, $bare));
        self::assertSame(Clock::Days, $clock(self::used('2026-02-01', 5), $bare));
        self::assertSame(Clock::Days, $clock(self::used('2026-02-01', 5), new EdgeEntry(
            EdgeEntryKind::Stropped,
            '2026-02-02T12:00:00Z',
            9.0,
        )));
        self::assertSame(Clock::Minutes, $clock(self::used('2026-02-01', 5), self::used('2026-02-02', 5)));
    }

    /** By hand: ninety days back do not count any more, and a week at least is divided by. */
    public function test_minutes_a_day_lately(): void
    {
        $perDay = static fn (string $today, string ...$days): ?float => Life::of(
            array_map(static fn (string $day): EdgeEntry => self::used($day, 30), array_values($days)),
            $today,
        )->perDay;
        self::assertEqualsWithDelta(60 / 7, $perDay('2026-03-03', '2026-03-01', '2026-03-02'), 1e-9);
        self::assertEqualsWithDelta(60 / 20, $perDay('2026-03-21', '2026-03-01', '2026-03-02'), 1e-9);
        self::assertEqualsWithDelta(30 / 90, $perDay('2026-06-01', '2026-03-01', '2026-03-04'), 1e-9);
        self::assertNull($perDay('2026-06-01', '2026-03-01', '2026-03-03'));
    }
}
