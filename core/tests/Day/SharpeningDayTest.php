<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Day;

use JackRest\Core\Day\DayEdge;
use JackRest\Core\Day\Handling;
use JackRest\Core\Day\Round;
use JackRest\Core\Day\RoundOrder;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Day\StonesAndOrder;
use JackRest\Core\Day\StrokeTable;
use JackRest\Core\Day\Visit;
use JackRest\Core\Day\Wait;
use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningStone;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A sharpening day against trying everything on small days: which stones, and in which order. */
final class SharpeningDayTest extends TestCase
{
    /**
     * @param  array<string, HoningStone>  $stones
     * @return non-empty-list<DayEdge>
     */
    private static function randomEdges(int $count, array $stones): array
    {
        $edge = static fn (int $number): DayEdge => SampleDay::edge(
            $number,
            $stones,
            mt_rand(3, 60) / 10,
            mt_rand(2, 40),
            [4.0, 12.0, 20.0][mt_rand(0, 2)],
            ['25', '30', '35'][mt_rand(0, 2)],
        );

        return array_map($edge, range(0, max(0, $count - 1)));
    }

    /**
     * Every way of every edge, in every order on every stone: nothing is quicker than the day, and the day takes what
     * it says.
     */
    #[TestWith([1, 1, 5])]
    #[TestWith([2, 2, 5])]
    #[TestWith([3, 3, 3])]
    #[TestWith([4, 3, 3])]
    #[TestWith([5, 4, 2])]
    public function test_nothing_is_quicker_than_the_day(int $seed, int $count, int $most): void
    {
        mt_srand($seed);
        for ($trial = 0; $trial < 12; $trial++) {
            $stones = SampleDay::stones(mt_rand(2, $most));
            $edges = self::randomEdges($count, $stones);
            $handling = [Handling::freehand(), Handling::withGuide()][$trial % 2];
            $least = self::leastOfAll($edges, $stones, $handling);
            $day = SharpeningDay::of($edges, $stones, $handling);
            if ($least === INF) {
                self::assertSame([], $day->rounds);

                continue;
            }
            self::assertTrue($day->isProven());
            self::assertEqualsWithDelta($least, $day->totalSeconds, 1e-6);
            $settings = array_map(static fn (DayEdge $edge): string => $edge->setting, $edges);
            $numbers = array_flip(array_map(static fn (DayEdge $edge): string => $edge->id, $edges));
            $order = array_map(static fn (Round $round): array => array_map(
                static fn (Visit $visit): int => $numbers[$visit->edge->id],
                $round->visits,
            ), $day->rounds);
            self::assertEqualsWithDelta(
                $day->totalSeconds,
                array_sum(array_map(static fn (Round $round): float => $round->seconds(), $day->rounds))
                    + self::counted($order, $settings, $handling),
                1e-6,
                'the order given costs what it is said to cost',
            );
        }
    }

    /** One edge is never put down: its day is its own plan, and taking it up. */
    public function test_one_edge_takes_what_its_own_plan_takes(): void
    {
        mt_srand(6);
        for ($trial = 0; $trial < 200; $trial++) {
            $stones = SampleDay::stones(mt_rand(2, 5));
            $edges = self::randomEdges(1, $stones);
            $own = GritPath::LeastTime->over($edges[0]->job);
            self::assertNotNull($own);
            foreach ([Handling::freehand(), Handling::withGuide()] as $handling) {
                $day = SharpeningDay::of($edges, $stones, $handling);
                self::assertEqualsWithDelta($own->totalSeconds + $handling->takeUpSeconds, $day->totalSeconds, 1e-6);
                self::assertTrue($day->isProven());
            }
        }
    }

    /** What a larger day says of itself holds: no other way of two of its edges saves more than that. */
    public function test_what_may_be_over_is_a_bound(): void
    {
        mt_srand(8);
        $stones = SampleDay::stones(5);
        $edges = self::randomEdges(30, $stones);
        $day = SharpeningDay::of($edges, $stones, Handling::withGuide());
        $settings = array_map(static fn (DayEdge $edge): int => (int) $edge->setting, $edges);
        $tables = array_map(static fn (DayEdge $e): StrokeTable => new StrokeTable($e, Handling::withGuide()), $edges);
        $order = new StonesAndOrder($tables, $settings, Handling::withGuide(), [], []);
        self::assertEqualsWithDelta($order->seconds(), $day->totalSeconds, 1e-6);
        $least = $day->totalSeconds - $day->mayBeOver;
        for ($trial = 0; $trial < 300; $trial++) {
            $ways = $order->ways();
            foreach ([mt_rand(0, 29), mt_rand(0, 29)] as $edge) {
                $other = $tables[$edge]->within(INF, 1000) ?? [];
                $ways[$edge] = $other[mt_rand(0, count($other) - 1)];
            }
            self::assertGreaterThanOrEqual($least - 1e-6, self::takes($ways, $tables, $settings));
        }
    }

    /**
     * @param  list<list<int>>  $ways
     * @param  non-empty-list<StrokeTable>  $tables
     * @param  list<int>  $settings
     */
    private static function takes(array $ways, array $tables, array $settings): float
    {
        $handling = Handling::withGuide();
        $rounds = [];
        $seconds = 0.0;
        foreach ($ways as $edge => $way) {
            $seconds += $tables[$edge]->cost($way) - count($way) * $handling->takeUpSeconds;
            foreach ($way as $stone) {
                $rounds[$stone][] = $edge;
            }
        }
        ksort($rounds);
        foreach (array_keys($rounds) as $stone) {
            $seconds += $tables[0]->stones[$stone]->changeSeconds;
        }

        return $seconds + (new RoundOrder(array_values($rounds), $settings, $handling))->best()[1];
    }

    /**
     * @param  non-empty-list<DayEdge>  $edges
     * @param  array<string, HoningStone>  $stones
     */
    private static function leastOfAll(array $edges, array $stones, Handling $handling): float
    {
        $bare = new Handling(0, 0);
        $tables = array_map(static fn (DayEdge $edge): StrokeTable => new StrokeTable($edge, $bare), $edges);
        $settings = array_map(static fn (DayEdge $edge): string => $edge->setting, $edges);
        $least = INF;
        foreach (self::everyWay($tables) as $ways) {
            $seconds = 0.0;
            $on = [];
            foreach ($ways as $edge => $way) {
                $seconds += $tables[$edge]->cost($way);
                foreach ($way as $stone) {
                    $on[$stone][] = $edge;
                }
            }
            ksort($on);
            foreach (array_keys($on) as $stone) {
                $seconds += $tables[0]->stones[$stone]->changeSeconds;
            }
            if ($seconds < $least) {
                $least = min($least, $seconds + self::cheapestOrder(array_values($on), $settings, $handling));
            }
        }

        return $least;
    }

    /**
     * @param  array<int, StrokeTable>  $tables
     * @return iterable<list<list<int>>>
     */
    private static function everyWay(array $tables): iterable
    {
        if ($tables === []) {
            yield [];

            return;
        }
        foreach ($tables[0]->within(INF, 1000) ?? [] as $way) {
            foreach (self::everyWay(array_slice($tables, 1)) as $rest) {
                yield [$way, ...$rest];
            }
        }
    }

    /** Every order on every stone, counted out stroke of hand by stroke of hand. */
    #[TestWith([11])]
    #[TestWith([12])]
    public function test_the_order_is_the_cheapest_of_all_orders(int $seed): void
    {
        mt_srand($seed);
        for ($day = 0; $day < 20; $day++) {
            $settings = array_map(static fn (): int => mt_rand(0, 2), range(0, mt_rand(0, 3)));
            $rounds = [];
            for ($stone = 0; $stone < 3; $stone++) {
                $rounds[] = array_values(array_filter(array_keys($settings), static fn (): bool => mt_rand(0, 3) > 0));
            }
            $rounds = array_values(array_filter($rounds, static fn (array $round): bool => $round !== []));
            if ($rounds === []) {
                continue;
            }
            $handling = new Handling(15, 20);
            [$ordered, $seconds] = (new RoundOrder($rounds, $settings, $handling))->best();
            self::assertEqualsWithDelta(self::cheapestOrder($rounds, $settings, $handling), $seconds, 1e-9);
            self::assertEqualsWithDelta(
                self::counted($ordered, $settings, $handling),
                $seconds,
                1e-9,
                'the order given costs what it is said to cost',
            );
        }
    }

    /**
     * @param  list<non-empty-list<int>>  $rounds
     * @param  list<int|string>  $settings
     */
    private static function cheapestOrder(array $rounds, array $settings, Handling $handling): float
    {
        $least = INF;
        foreach (self::everyOrder($rounds) as $order) {
            $least = min($least, self::counted($order, $settings, $handling));
        }

        return $least;
    }

    /**
     * @param  list<non-empty-list<int>>  $rounds
     * @return iterable<list<non-empty-list<int>>>
     */
    private static function everyOrder(array $rounds): iterable
    {
        if ($rounds === []) {
            yield [];

            return;
        }
        foreach (self::everyOrder(array_slice($rounds, 1)) as $rest) {
            foreach (self::permutations($rounds[0]) as $round) {
                yield [$round, ...$rest];
            }
        }
    }

    /**
     * @param  non-empty-list<int>  $round
     * @return iterable<non-empty-list<int>>
     */
    private static function permutations(array $round): iterable
    {
        if (count($round) === 1) {
            yield $round;

            return;
        }
        foreach ($round as $index => $first) {
            $rest = $round;
            unset($rest[$index]);
            assert($rest !== []);
            foreach (self::permutations(array_values($rest)) as $more) {
                yield [$first, ...$more];
            }
        }
    }

    /**
     * @param  list<array<int, int>>  $rounds
     * @param  list<int|string>  $settings
     */
    private static function counted(array $rounds, array $settings, Handling $handling): float
    {
        $seconds = 0.0;
        $before = null;
        foreach ($rounds as $round) {
            foreach ($round as $edge) {
                $seconds += $before === $edge ? 0.0 : $handling->takeUpSeconds;
                $seconds += $before === null || $settings[$before] === $settings[$edge]
                    ? 0.0
                    : $handling->resetSeconds;
                $before = $edge;
            }
        }

        return $seconds;
    }

    /** Every stone is fetched once, and everybody has an end that is fine enough. */
    public function test_a_day_takes_each_stone_once_and_leaves_every_edge_fine(): void
    {
        mt_srand(5);
        $stones = SampleDay::stones(5);
        $edges = self::randomEdges(8, $stones);
        $day = SharpeningDay::of($edges, $stones, Handling::withGuide());
        $out = array_map(static fn (Round $round): string => $round->stone->id, $day->rounds);
        self::assertSame($out, array_values(array_unique($out)));
        $last = [];
        foreach ($day->rounds as $round) {
            foreach ($round->visits as $visit) {
                $last[$visit->edge->id] = $round->stone->particleUm();
            }
        }
        foreach ($edges as $edge) {
            self::assertLessThanOrEqual($edge->job->finishUm, $last[$edge->id] ?? INF);
        }
    }

    public function test_who_waits_for_which_stone_is_said(): void
    {
        $stones = SampleDay::stones(5);
        $edge = SampleDay::edge(0, $stones, 0.6, 8, 2.0, '30', GritPath::FullLadder);
        $day = SharpeningDay::of([$edge], $stones, Handling::freehand());
        self::assertGreaterThan(1, count($day->rounds));
        self::assertCount(count($day->rounds) - 1, $day->waits());
        self::assertEquals(
            new Wait($day->rounds[0]->stone->name, ['edge 0'], $day->rounds[1]->stone->name),
            $day->waits()[0],
        );
    }

    /** Two edges over one stone: its 20 s are paid once instead of twice. */
    public function test_what_it_saves_is_the_changes_not_made(): void
    {
        $stones = SampleDay::stones(1);
        $alone = SharpeningDay::of([SampleDay::edge(0, $stones, 1.0, 3, 2.0, '30')], $stones, new Handling(0, 0))
            ->totalSeconds;
        $make = static function (int $number) use ($stones, $alone): DayEdge {
            $edge = SampleDay::edge($number, $stones, 1.0, 3, 2.0, '30');

            return new DayEdge($edge->id, $edge->name, $edge->job, $edge->path, $edge->setting, $alone);
        };
        self::assertEqualsWithDelta(
            20.0,
            SharpeningDay::of([$make(0), $make(1)], $stones, new Handling(0, 0))->savesSeconds(),
            1e-9,
        );
    }
}
