<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Day;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Day\DayEdge;
use JackRest\Core\Day\Handling;
use JackRest\Core\Day\Round;
use JackRest\Core\Day\RoundOrder;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Day\StoneChoice;
use JackRest\Core\Day\StrokeTable;
use JackRest\Core\Day\Visit;
use JackRest\Core\Day\Wait;
use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Edge\StepSign;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A sharpening day against an exhaustive search over small days: which stones, and in which order. */
final class SharpeningDayTest extends TestCase
{
    private const GRITS = [['220', 40.0], ['800', 25.0], ['1000', 20.0], ['3000', 15.0], ['8000', 20.0]];

    /** @return array<string, HoningStone> */
    private static function stones(int $count): array
    {
        $stones = [];
        // The finest is always among them: every edge has an end.
        foreach (
            array_slice(self::GRITS, -$count) as $number => [$grit, $change]
        ) {
            $stones["s$number"] = new HoningStone(
                "s$number",
                "$grit stone",
                GritScale::Jis,
                $grit,
                1.0,
                $change,
            );
        }

        return $stones;
    }

    /** @param  array<string, HoningStone>  $stones */
    private static function edge(
        int $number,
        array $stones,
        float $length,
        float $remove,
        float $finish,
        string $setting,
        GritPath $path = GritPath::LeastTime,
    ): DayEdge {
        $job = new HoningPlanInput(
            12.0,
            $length,
            $remove,
            $finish,
            array_values(array_map(static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(), $stones)),
        );

        return new DayEdge("e$number", "edge $number", $job, $path, $setting, 100.0);
    }

    /**
     * @param  array<string, HoningStone>  $stones
     * @return non-empty-list<DayEdge>
     */
    private static function randomEdges(int $count, array $stones): array
    {
        $edge = static fn (int $number): DayEdge => self::edge(
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
            $stones = self::stones(mt_rand(2, 5));
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
        $stones = array_values(self::stones(3));
        for ($day = 0; $day < 20; $day++) {
            $edges = self::randomEdges(mt_rand(1, 4), self::stones(3));
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
        $stones = self::stones(5);
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
        $stones = self::stones(5);
        $edge = self::edge(0, $stones, 0.6, 8, 2.0, '30', GritPath::FullLadder);
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
        $stones = self::stones(1);
        $alone = SharpeningDay::of([self::edge(0, $stones, 1.0, 3, 2.0, '30')], $stones, new Handling(0, 0))
            ->totalSeconds;
        $make = static function (int $number) use ($stones, $alone): DayEdge {
            $edge = self::edge($number, $stones, 1.0, 3, 2.0, '30');

            return new DayEdge($edge->id, $edge->name, $edge->job, $edge->path, $edge->setting, $alone);
        };
        self::assertEqualsWithDelta(
            20.0,
            SharpeningDay::of([$make(0), $make(1)], $stones, new Handling(0, 0))->savesSeconds(),
            1e-9,
        );
    }

    /** By hand: 100 s alone and 15 to take up, each; two settings, one reset of 20 between them. */
    public function test_one_by_one_each_is_taken_up_and_the_guide_reset(): void
    {
        $stones = self::stones(3);
        $of = static function (string ...$settings) use ($stones): float {
            $edges = [];
            foreach (array_values($settings) as $number => $setting) {
                $edges[] = self::edge($number, $stones, 1.0, 3, 2.0, $setting);
            }
            assert($edges !== []);

            return SharpeningDay::of($edges, $stones, Handling::withGuide())->oneByOneSeconds;
        };
        self::assertSame([115.0, 230.0, 250.0, 385.0], [
            $of('30'), $of('30', '30'), $of('30', '25'), $of('30', '25', '35'),
        ]);
        self::assertSame([[5.0, 0.0], [15.0, 20.0]], [
            [Handling::freehand()->takeUpSeconds, Handling::freehand()->resetSeconds],
            [Handling::withGuide()->takeUpSeconds, Handling::withGuide()->resetSeconds],
        ]);
    }

    /** The wheel comes before the stones and the strop after; each is fetched once, whoever uses it. */
    public function test_wheel_and_strop_stand_around_the_stones(): void
    {
        $stones = self::stones(2);
        $step = static fn (string $id, float $change, float $seconds): SharpeningStep => new SharpeningStep(
            new HoningStone($id, $id, GritScale::Micron, '40', 1.0, $change),
            10.0,
            30,
            $seconds,
            StepSign::ofStone(0, 2),
            StepKind::Hone,
            10.0,
        );
        $edges = array_map(static function (int $n) use ($stones, $step): DayEdge {
            $edge = self::edge($n, $stones, 1.0, 3, 2.0, '30');

            return new DayEdge($edge->id, $edge->name, $edge->job, $edge->path, $edge->setting, 100.0,
                $n === 0 ? [$step('wheel', 30.0, 90.0)] : [], [$step('strop', 4.0, 24.0)]);
        }, [0, 1]);
        $day = SharpeningDay::of($edges, $stones, new Handling(0, 0));
        self::assertSame('wheel', $day->rounds[0]->stone->id);
        self::assertSame('strop', $day->rounds[count($day->rounds) - 1]->stone->id);
        self::assertCount(1, $day->rounds[0]->visits);
        // By hand: 90 s with the fetching of 30 is 60 s of grinding; 4 s for the strop, and 20 s on it, twice.
        self::assertSame(60.0, $day->rounds[0]->visits[0]->step->seconds);
        self::assertSame(90.0, $day->rounds[0]->seconds());
        self::assertSame(44.0, $day->rounds[count($day->rounds) - 1]->seconds());
        self::assertSame([10.0, 30, 10.0], [
            $day->rounds[0]->visits[0]->step->removeUm,
            $day->rounds[0]->visits[0]->step->strokes,
            $day->rounds[0]->visits[0]->step->modelStrokes,
        ]);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (Round $round): float => $round->seconds(), $day->rounds)),
            $day->totalSeconds,
            1e-9,
        );
        self::assertTrue($day->isProven);
    }

    /** A stone of twice its usual cut takes half the strokes, and the model's own count stays what it was. */
    public function test_a_stones_own_cut_shortens_its_strokes(): void
    {
        $make = static fn (float $cut): array => [
            's0' => new HoningStone('s0', 'stone', GritScale::Jis, '8000', $cut, 0),
        ];
        $visit = static function (float $cut) use ($make): SharpeningStep {
            $edge = self::edge(0, $make($cut), 6.0, 30, 2.0, '30');

            return SharpeningDay::of([$edge], $make($cut), new Handling(0, 0))->rounds[0]->visits[0]->step;
        };
        self::assertEqualsWithDelta($visit(1.0)->seconds / 2, $visit(2.0)->seconds, 1.0);
        self::assertEqualsWithDelta($visit(1.0)->modelStrokes, $visit(2.0)->modelStrokes, 1e-9);
        self::assertEqualsWithDelta($visit(1.0)->strokes, $visit(1.0)->modelStrokes, 1.0);
    }
}
