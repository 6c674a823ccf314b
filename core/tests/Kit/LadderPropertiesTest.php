<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\LadderProblem;
use JackRest\Core\Kit\Lift;
use JackRest\Core\Kit\Makeable;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Offers;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\Rung;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\School\Option;
use JackRest\Core\School\Question;
use JackRest\Core\School\Questions;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What a ladder must be for anybody: random works, kits, schools and budgets, judged by {@see Coverage}, which knows
 * nothing of plans.
 */
final class LadderPropertiesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 24) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_what_it_says_opens_is_what_that_one_tool_makes_possible(int $seed): void
    {
        [$ladder, $works, $owned, $school] = self::random($seed);
        $offer = $ladder->next()?->tools[0];
        if ($offer === null) {
            self::assertSame([], $ladder->inOrder());

            return;
        }
        [$now, $then] = [self::coverage($owned, $school), self::coverage([...$owned, self::tool($offer)], $school)];
        $said = array_map(static fn (Task $task): string => $task->operation->id, $ladder->opens($offer));
        $tasks = array_merge(...array_map(static fn (PlannedWork $work): array => $work->tasks, $works));
        $opened = array_filter(
            $tasks,
            static fn (Task $task): bool => ! $now->of($task)->byMachine &&
                $now->of($task)->best === null &&
                $then->of($task)->best !== null,
        );
        $opened = array_map(static fn (Task $task): string => $task->operation->id, $opened);
        self::assertEqualsCanonicalizing(
            array_values(array_unique($opened)),
            $said,
        );
    }

    /** Every rung helps by itself, and every tool of it has a part in that. */
    #[DataProvider('seeds')]
    public function test_every_rung_lifts_something_and_every_tool_takes_part(int $seed): void
    {
        [$ladder] = self::random($seed);
        self::assertSame($ladder->inOrder() === [], $ladder->next() === null);
        foreach ($ladder->rungs() as $rung) {
            self::assertSame($rung->tools === [], $rung->lifts === []);
            foreach ($rung->tools as $offer) {
                self::assertNotSame([], Lift::of($offer->id, $rung->lifts), $offer->name);
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_what_is_reached_can_be_done_so_well(int $seed): void
    {
        [$ladder, , $owned, $school] = self::random($seed);
        $all = self::coverage(
            [...$owned, ...array_map(self::tool(...), Offers::for([], $school))],
            $school,
        );
        $had = $owned;
        foreach ($ladder->rungs() as $rung) {
            $had = [...$had, ...array_map(self::tool(...), $rung->tools)];
            $now = self::coverage($had, $school);
            foreach ($rung->reached as $goal) {
                foreach ($goal->work->tasks as $task) {
                    $covered = $now->of($task);
                    $asked = min($goal->floor, $task->minGrade, $all->of($task)->best->way->grade ?? 5);
                    self::assertTrue(
                        $covered->byMachine || ($covered->best->way->grade ?? 0) >= $asked,
                        "{$task->operation->id} for {$goal->work->name} at $goal->floor",
                    );
                }
            }
        }
        self::assertNotSame([], $ladder->rungs() === [] ? $ladder->locked() : $ladder->rungs());
    }

    #[DataProvider('seeds')]
    public function test_what_is_made_can_be_made_by_then(int $seed): void
    {
        [$ladder, , $owned, $school] = self::random($seed);
        $had = $owned;
        $stages = [0 => []];
        foreach ($ladder->rungs() as $rung) {
            $stages[$rung->stage] = [...$stages[$rung->stage] ?? [], ...$rung->tools];
        }
        foreach ($stages as $tools) {
            $made = array_filter($tools, static fn (Offer $offer): bool => $offer->making !== null);
            self::assertCount(count($made), Makeable::among($had, $tools, $school));
            $had = [...$had, ...array_map(self::tool(...), $tools)];
        }
    }

    #[DataProvider('seeds')]
    public function test_sums_are_those_of_the_rungs_and_within_the_budget(int $seed): void
    {
        [$ladder, , , , $budget] = self::random($seed);
        $sum = array_sum(array_map(static fn (Rung $rung): float => $rung->cost, $ladder->rungs()));
        self::assertEqualsWithDelta($sum, $ladder->total(), 1e-6);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (Offer $offer): float => $offer->price, $ladder->inOrder())),
            $sum,
            1e-6,
        );
        self::assertLessThanOrEqual(($budget ?? INF) + 1e-6, $sum);
        $next = $ladder->outOfReach;
        if ($next !== null) {
            $meanwhile = $next->meanwhile->cost ?? 0.0;
            self::assertEqualsWithDelta($next->short, $sum + $next->rung->cost - (float) $budget, 1e-6);
            self::assertLessThanOrEqual((float) $budget - $sum + 1e-6, $meanwhile);
            self::assertGreaterThanOrEqual($next->short - 1e-6, $next->borrow->price ?? INF);
        }
        self::assertGreaterThanOrEqual(($ladder->straight() ?? 0.0) - 1e-6, $ladder->straight() === null ? 0 : $sum);
    }

    /** What the money buys of a rung that it does not reach for is of use by itself, or with what is borrowed. */
    #[DataProvider('smallBudgets')]
    public function test_what_is_bought_meanwhile_is_of_use(int $seed, float $budget): void
    {
        [, $works, $owned, $school] = self::random($seed);
        $ladder = new Ladder($works, $owned, [], $school, $budget);
        $beyond = $ladder->outOfReach;
        $meanwhile = $beyond?->meanwhile;
        $had = [
            ...array_map(static fn (ToolAtHand $tool): string => $tool->id, $owned),
            ...array_map(static fn (Offer $offer): string => $offer->id, $ladder->toGet()),
            ...$beyond?->borrow === null ? [] : [$beyond->borrow->id],
        ];
        foreach ($meanwhile->lifts ?? [] as $lift) {
            self::assertSame([], array_diff($lift->tools, $had), $lift->task->operation->id);
        }
        foreach ($meanwhile->tools ?? [] as $offer) {
            self::assertNotSame([], Lift::of($offer->id, $meanwhile->lifts ?? []), $offer->name);
        }
        self::assertLessThanOrEqual($budget + 1e-6, $ladder->toSpend());
    }

    /** @return iterable<string, array{int, float}> */
    public static function smallBudgets(): iterable
    {
        foreach (range(1, 12) as $seed) {
            foreach ([10.0, 35.0, 90.0, 160.0] as $budget) {
                yield "seed $seed, $budget" => [$seed, $budget];
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_a_way_to_sharpen_comes_before_the_first_edge(int $seed): void
    {
        [$ladder, , $owned] = self::random($seed);
        self::assertSame(count($ladder->toGet()), count(array_unique($ladder->ids())), 'Nothing is got twice.');
        $had = array_map(static fn (ToolAtHand $tool): string => $tool->kind, $owned);
        foreach ($ladder->inOrder() as $offer) {
            if (in_array(Need::Hone, ToolKinds::named($offer->kind)->needs, true)) {
                self::assertNotSame([], array_intersect(Need::Hone->givers(), $had), "{$offer->name} comes too early");
            }
            $had[] = $offer->kind;
        }
    }

    /** Files and a vice make nothing: a work that only keeps saws sharp waits for those that do. */
    public function test_upkeep_waits_until_things_can_be_made(): void
    {
        $works = array_map(self::work(...), ['saw-care', 'dovetailed-box']);
        $first = (new Ladder($works, [], [], new School(['spend' => 'second-hand'])))->rungs()[0];
        self::assertSame(['dovetailed-box'], array_map(static fn ($goal): string => $goal->work->id, $first->reached));
        self::assertTrue(LadderProblem::isUpkeep($works[0]));
        self::assertFalse(LadderProblem::isUpkeep($works[1]));
    }

    /**
     * What a thrifty teacher would say to somebody with nothing who wants to make a dovetailed box (common practice, no
     * source): paper on glass, a chisel, a saw, a plane second-hand, a knife, a square, and a stop out of scrap; then a
     * mallet and a bench hook, made.
     */
    public function test_the_first_stages_of_a_dovetailed_box_from_nothing(): void
    {
        $rungs = (new Ladder([self::work('dovetailed-box')], [], [], new School(['spend' => 'second-hand'])))->rungs();
        self::assertEqualsCanonicalizing(
            [
                'paper-on-glass', 'bench-chisel', 'dovetail-saw', 'smoothing-plane', 'marking-knife', 'try-square',
                'planing-stop',
            ],
            array_map(static fn (Offer $offer): string => $offer->kind, $rungs[0]->tools),
        );
        self::assertSame('paper-on-glass', $rungs[0]->tools[0]->kind);
        self::assertLessThan(150.0, $rungs[0]->cost);
        self::assertEqualsCanonicalizing(
            ['mallet', 'bench-hook', 'straightedge', 'dovetail-template'],
            array_map(static fn (Offer $offer): string => $offer->kind, $rungs[1]->tools),
        );
        foreach ($rungs[1]->tools as $offer) {
            self::assertNotNull($offer->making, "{$offer->name} is made");
        }
    }

    /** A stage that costs much is cut; a dear tool may stand alone. */
    public function test_a_dear_stage_is_cut_into_rungs(): void
    {
        $ladder = new Ladder([self::work('dovetailed-box')], [], [], new School());
        $perStage = [];
        foreach ($ladder->rungs() as $rung) {
            $perStage[$rung->stage][] = $rung->cost;
        }
        self::assertGreaterThan(1, max([0, ...array_map(count(...), $perStage)]));
        foreach ($perStage as $costs) {
            foreach (count($costs) > 1 ? $costs : [] as $cost) {
                self::assertLessThanOrEqual(200.0, $cost);
            }
        }
    }

    /** The hand-me-downs of a beginner: a plane and a chisel, 150 to spend. */
    public function test_a_beginner_with_two_old_tools_can_make_something_for_150(): void
    {
        $owned = [
            new ToolAtHand('1', 'smoothing-plane', 'smoothing plane'),
            new ToolAtHand('2', 'bench-chisel', '12 mm chisel', ['width' => 12.0]),
        ];
        $works = [self::work('dovetailed-box')];
        $ladder = new Ladder($works, $owned, [], new School(['spend' => 'second-hand']), 150.0);
        self::assertSame('paper-on-glass', $ladder->next()?->tools[0]->kind);
        self::assertSame(1, $ladder->rungs()[0]->reached[0]->floor);
        $new = (new Ladder($works, $owned, [], new School(), 150.0))->outOfReach;
        self::assertSame('try-square', $new?->borrow?->kind, 'At the price of new tools a square is borrowed.');
        self::assertSame('paper-on-glass', $new->meanwhile?->tools[0]->kind);
    }

    public function test_a_budget_too_small_says_what_is_missing_and_what_to_borrow(): void
    {
        $works = [self::work('dovetailed-box')];
        $least = 0.0;
        foreach ((new Ladder($works, [], [], new School()))->rungs() as $rung) {
            $least = $rung->to;
            if ($rung->reached !== []) {
                break;
            }
        }
        $next = (new Ladder($works, [], [], new School(), $least - 20.0))->outOfReach;
        self::assertNotNull($next);
        self::assertEqualsWithDelta(20.0, $next->short, 1e-6);
        self::assertSame('try-square', $next->borrow?->kind);
        self::assertSame('paper-on-glass', $next->rung->tools[0]->kind);
    }

    private static function work(string $pattern): PlannedWork
    {
        return new PlannedWork($pattern, $pattern, Patterns::all()[$pattern]->tasks([], Hardness::Soft));
    }

    /** @return array{Ladder, list<PlannedWork>, list<ToolAtHand>, School, float|null} */
    private static function random(int $seed): array
    {
        $random = new Randomizer(new Mt19937(20261128 + $seed));
        $some = static function (array $of, int $most) use ($random): array {
            return array_slice($random->shuffleArray($of), 0, $random->getInt(1, $most));
        };
        $works = array_map(self::work(...), $some(array_keys(Patterns::all()), 4));
        $owned = array_map(
            static fn (string $kind): ToolAtHand => new ToolAtHand("own-$kind", $kind, $kind),
            $random->getInt(0, 3) === 0 ? [] : $some(array_keys(ToolKinds::all()), 12),
        );
        $answers = array_map(
            static fn (Question $question): string => $some(
                array_map(static fn (Option $option): string => $option->id, $question->answers),
                1,
            )[0],
            Questions::all(),
        );
        $budget = $random->getInt(0, 1) === 0 ? null : (float) $random->getInt(40, 600);
        $school = new School($answers);

        return [new Ladder($works, $owned, [], $school, $budget), $works, $owned, $school, $budget];
    }

    /** @param  list<ToolAtHand>  $tools */
    private static function coverage(array $tools, School $school): Coverage
    {
        return new Coverage(new ToolsAtHand($tools), $school);
    }

    private static function tool(Offer $offer): ToolAtHand
    {
        return new ToolAtHand($offer->id, $offer->kind, $offer->name, $offer->sizes);
    }
}
