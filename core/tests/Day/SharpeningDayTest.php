<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Day;

use JackRest\Core\Day\DayEdge;
use JackRest\Core\Day\Handling;
use JackRest\Core\Day\Round;
use JackRest\Core\Day\RoundOrder;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Day\StoneChoice;
use JackRest\Core\Day\StrokeTable;
use JackRest\Core\Day\Visit;
use JackRest\Core\Day\Wait;
use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepSign;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A sharpening day against an exhaustive search over small days: which stones, and in which order. */
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
     * Every set of stones taken out, every edge its quickest way over them: the least of all.
     *
     * @param  list<StrokeTable>  $tables
     */
    private static function leastOfAll(array $tables, int $stones): float
    {
        $least = INF;
        for ($set = 1; $set < 2 ** $stones; $set++) {
            $seconds = 0.0;
            $shut = [];
            for ($stone = 0; $stone < $stones; $stone++) {
                (($set >> $stone) & 1) === 1
                    ? ($seconds += $tables[0]->stones[$stone]->changeSeconds)
                    : ($shut[$stone] = true);
            }
            foreach ($tables as $table) {
                $seconds += $table->best($shut)[0] ?? INF;
            }
            $least = min($least, $seconds);
        }

        return $least;
    }

    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    public function test_the_stones_chosen_are_the_cheapest_of_every_set(int $seed): void
    {
        mt_srand($seed);
        for ($day = 0; $day < 25; $day++) {
            $stones = SampleDay::stones(mt_rand(2, 5));
            $tables = array_map(
                static fn (DayEdge $edge): StrokeTable => new StrokeTable($edge, Handling::withGuide()),
                self::randomEdges(mt_rand(1, 5), $stones),
            );
            $choice = new StoneChoice($tables);
            $least = self::leastOfAll($tables, count($stones));
            if ($least === INF) {
                self::assertSame([], $choice->ways());

                continue;
            }
            self::assertTrue($choice->isProven());
            self::assertEqualsWithDelta($least, $choice->seconds(), 1e-6);
        }
    }

    /** Every order on every stone, counted out stroke of hand by stroke of hand. */
    #[TestWith([11])]
    #[TestWith([12])]
    public function test_the_order_is_the_cheapest_of_all_orders(int $seed): void
    {
        mt_srand($seed);
        $stones = array_values(SampleDay::stones(3));
        for ($day = 0; $day < 20; $day++) {
            $edges = self::randomEdges(mt_rand(1, 4), SampleDay::stones(3));
            $rounds = [];
            foreach ($stones as $stone) {
                $on = array_values(array_filter($edges, static fn (): bool => mt_rand(0, 3) > 0));
                if ($on !== []) {
                    $rounds[] = new Round(
                        $stone,
                        array_map(
                            static fn (DayEdge $edge): Visit => new Visit(
                                $edge,
                                new SharpeningStep($stone, 1.0, 5, 5.0, StepSign::OnePolish),
                            ),
                            $on,
                        ),
                    );
                }
            }
            if ($rounds === []) {
                continue;
            }
            $handling = new Handling(15, 20);
            [$ordered, $seconds] = (new RoundOrder($rounds, $handling))->best();
            self::assertEqualsWithDelta(self::cheapestOrder($rounds, $handling), $seconds, 1e-9);
            self::assertEqualsWithDelta(
                self::counted($ordered, $handling),
                $seconds,
                1e-9,
                'the order given costs what it is said to cost',
            );
        }
    }

    /** @param  list<Round>  $rounds */
    private static function cheapestOrder(array $rounds, Handling $handling): float
    {
        $least = INF;
        foreach (self::everyOrder($rounds) as $order) {
            $least = min($least, self::counted($order, $handling));
        }

        return $least;
    }

    /**
     * @param  list<Round>  $rounds
     * @return iterable<list<Round>>
     */
    private static function everyOrder(array $rounds): iterable
    {
        if ($rounds === []) {
            yield [];

            return;
        }
        foreach (self::everyOrder(array_slice($rounds, 1)) as $rest) {
            foreach (self::permutations($rounds[0]->visits) as $visits) {
                yield [$rounds[0]->inOrder($visits), ...$rest];
            }
        }
    }

    /**
     * @param  non-empty-list<Visit>  $visits
     * @return iterable<non-empty-list<Visit>>
     */
    private static function permutations(array $visits): iterable
    {
        if (count($visits) === 1) {
            yield $visits;

            return;
        }
        foreach ($visits as $index => $first) {
            $rest = $visits;
            unset($rest[$index]);
            assert($rest !== []);
            foreach (self::permutations(array_values($rest)) as $more) {
                yield [$first, ...$more];
            }
        }
    }

    /** @param  list<Round>  $rounds */
    private static function counted(array $rounds, Handling $handling): float
    {
        $seconds = 0.0;
        $before = null;
        foreach ($rounds as $round) {
            foreach ($round->visits as $visit) {
                $seconds += $before?->id === $visit->edge->id ? 0.0 : $handling->takeUpSeconds;
                $seconds +=
                    $before === null || $before->setting === $visit->edge->setting
                        ? 0.0
                        : $handling->resetSeconds;
                $before = $visit->edge;
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
