<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use Bench\Glpk;
use JackRest\Core\Kit\KitPlanner;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\Kit\WorkTasks;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The real catalogue, planned. */
final class KitPlannerTest extends TestCase
{
    private const BASIS = ['bench-chisel', 'marking-knife', 'clamps', 'mallet', 'waterstones', 'planing-stop'];

    /**
     * @param  list<Task>  $tasks
     * @param  list<string>  $owned  kinds
     * @param  array<string, float|null>  $wanted  price by kind
     */
    private static function planner(
        array $tasks,
        array $owned = self::BASIS,
        array $wanted = [],
        ?School $school = null,
        ?float $budget = null,
    ): KitPlanner {
        return new KitPlanner(
            [new PlannedWork('1', 'work', $tasks)],
            array_map(static fn (string $kind): ToolAtHand => new ToolAtHand("own-$kind", $kind, $kind), $owned),
            array_map(
                static fn (string $kind, ?float $price): WantedTool => new WantedTool(
                    "my-$kind",
                    $kind,
                    "my $kind",
                    [],
                    $price,
                ),
                array_keys($wanted),
                array_values($wanted),
            ),
            $school ?? new School(),
            $budget,
        );
    }

    /** @return list<PlannedWork> */
    private static function allWorks(?int $floor = null): array
    {
        return array_values(
            array_map(
                static fn (Pattern $pattern): PlannedWork => new PlannedWork(
                    $pattern->id,
                    $pattern->name,
                    (new WorkTasks(new School(), $floor))->graded($pattern->tasks([], Hardness::Medium)),
                ),
                Patterns::all(),
            ),
        );
    }

    /** @return list<string> */
    private static function names(KitPlanner $planner): array
    {
        return array_map(static fn (Offer $offer): string => $offer->name, $planner->propose()->buy);
    }

    public function test_the_users_own_price_stands_for_the_kind(): void
    {
        $planner = self::planner(
            [Ask::for('rebate-along', Facts::of(width: 11))],
            wanted: ['rebate-plane' => 45.0],
        );

        self::assertSame(['my rebate-plane'], self::names($planner));
        self::assertSame(45.0, $planner->propose()->cost);
    }

    /** By hand: with the rebate plane at 65 the next rung costs nothing more once the fillister is under 65. */
    public function test_below_which_price_a_tool_would_come_into_the_plan(): void
    {
        $planner = self::planner(
            [Ask::for('rebate-along', Facts::of(width: 11))],
            wanted: ['moving-fillister' => 160.0],
        );
        $fillister = array_values(
            array_filter(
                $planner->leftOver(),
                static fn (Offer $offer): bool => $offer->kind === 'moving-fillister',
            ),
        )[0];

        self::assertSame(65.0, $planner->worthBelow($fillister));
        self::assertSame(
            ['my moving-fillister'],
            self::names(
                self::planner(
                    [Ask::for('rebate-along', Facts::of(width: 11))],
                    wanted: ['moving-fillister' => 64.0],
                ),
            ),
        );
        self::assertSame(
            ['rebate plane'],
            self::names(
                self::planner(
                    [Ask::for('rebate-along', Facts::of(width: 11))],
                    wanted: ['moving-fillister' => 66.0],
                ),
            ),
        );
    }

    /** The first edge comes with a way to sharpen it: the school's own. */
    public function test_sharpening_comes_with_the_first_edge(): void
    {
        foreach (
            [
                'waterstone' => 'waterstones',
                'oilstone' => 'oilstones',
                'diamond' => 'diamond plates',
                'paper' => 'abrasive paper on glass',
            ] as $media => $name
        ) {
            self::assertContains(
                $name,
                self::names(self::planner([Ask::for('pare')], [], school: new School(['media' => $media]))),
            );
        }
        self::assertContains(
            'honing guide',
            self::names(self::planner([Ask::for('pare')], [], school: new School(['angle' => 'guide']))),
        );
    }

    public function test_what_is_owned_sharpens_whatever_the_school(): void
    {
        self::assertSame(
            ['bevel-edge chisel, 12 mm'],
            self::names(
                self::planner(
                    [Ask::for('pare', minGrade: 4)],
                    ['oilstones'],
                    school: new School(['media' => 'diamond']),
                ),
            ),
        );
    }

    /** A mortise of 10 mm takes the 10 mm chisel, whatever other widths there are. */
    public function test_sizes_are_chosen_by_the_works_own_numbers(): void
    {
        $tasks = [Ask::for('chop-mortise', Facts::of(width: 10), 5)];
        self::assertSame(['mortise chisel, 10 mm'], self::names(self::planner($tasks)));
    }

    public function test_a_tool_that_is_made_costs_its_wood(): void
    {
        $planner = self::planner(
            [Ask::for('strike'), Ask::for('crosscut'), Ask::for('flatten'), Ask::for('pare')],
            ['jack-plane', 'crosscut-handsaw', 'bench-chisel', 'waterstones', 'planing-stop'],
        );
        self::assertSame(['wooden mallet'], self::names($planner));
        self::assertSame(4.0, $planner->propose()->cost);
        self::assertNotNull($planner->propose()->buy[0]->making);
    }

    /** With nothing to make it with, it is priced as bought. */
    public function test_a_tool_that_cannot_be_made_is_bought(): void
    {
        $planner = self::planner([Ask::for('strike', minGrade: 4)], []);
        self::assertSame(25.0, $planner->propose()->cost);
        self::assertNull($planner->propose()->buy[0]->making);
    }

    public function test_an_overruled_kind_is_not_offered(): void
    {
        $school = new School([], ['rebate-plane' => Overrule::LeaveOut]);
        self::assertStringStartsWith(
            'shoulder plane',
            self::names(self::planner([Ask::for('rebate-along', Facts::of(width: 11))], school: $school))[0],
        );
    }

    public function test_an_impossible_task_is_named(): void
    {
        $planner = self::planner([Ask::for('bore', Facts::of(diameter: 90)), Ask::for('pare')]);
        self::assertSame(
            ['bore'],
            array_map(static fn (Task $task): string => $task->operation->id, $planner->propose()->impossible),
        );
    }

    /** A budget serves what it can and names the rest. */
    public function test_a_budget_names_what_it_does_not_reach_for(): void
    {
        $planner = self::planner(
            [Ask::for('rebate-along', Facts::of(width: 11)), Ask::for('bore', Facts::of(diameter: 6))],
            budget: 40.0,
        );
        self::assertSame(['hand drill'], self::names($planner));
        self::assertSame(
            ['rebate-along'],
            array_map(static fn (Task $task): string => $task->operation->id, $planner->propose()->unserved),
        );
    }

    /** @return iterable<string, array{array<string, string>, int|null, float|null}> */
    public static function schools(): iterable
    {
        yield 'the first answers' => [[], null, null];
        yield 'pull saws, second-hand' => [
            ['saws' => 'pull', 'spend' => 'second-hand', 'media' => 'paper'],
            null,
            null,
        ];
        yield 'best once, essential jointer' => [
            ['spend' => 'best-once', 'jointer' => 'essential', 'squares' => 'metal'],
            null,
            null,
        ];
        yield 'hybrid, everything good' => [['purity' => 'hybrid', 'saws' => 'either'], 4, null];
        yield 'within 300' => [[], null, 300.0];
        yield 'within 900, good' => [['spend' => 'cheap-start'], 4, 900.0];
    }

    /**
     * GLPK (Debian package glpk-utils) plans the whole real catalogue, all works chosen.
     *
     * @param  array<string, string>  $answers
     */
    #[DataProvider('schools')]
    public function test_the_real_catalogue_costs_what_glpk_finds(
        array $answers,
        ?int $floor,
        ?float $budget,
    ): void {
        // With a budget GLPK takes minutes over the whole catalogue; a few works are enough to compare.
        $works = $budget === null ? self::allWorks($floor) : array_slice(self::allWorks($floor), 0, 4);
        $planner = new KitPlanner($works, [], [], new School($answers), $budget);
        $proposal = $planner->propose();
        $asked = $proposal->problem->input($budget);

        self::assertTrue($proposal->plan->provenOptimal);
        self::assertEqualsWithDelta(
            Glpk::objective(self::servable($asked, $proposal->plan->uncoverable)),
            $budget === null
                ? $proposal->cost
                : (float) (count($asked->operations) -
                    count($proposal->unserved) -
                    count($proposal->impossible)),
            1e-6,
        );
        self::assertTrue($budget === null || $proposal->cost <= $budget);
    }

    /** @param  list<string>  $uncoverable */
    private static function servable(
        \JackRest\Core\Kit\KitPlanInput $kit,
        array $uncoverable,
    ): \JackRest\Core\Kit\KitPlanInput {
        return new \JackRest\Core\Kit\KitPlanInput(
            array_values(
                array_filter(
                    $kit->operations,
                    static fn ($operation): bool => ! in_array($operation->id, $uncoverable, true),
                ),
            ),
            $kit->tools,
            $kit->methods,
            $kit->owned,
            $kit->budget,
        );
    }

    /** With everything on offer nothing in the works is impossible. */
    public function test_every_work_can_be_made_from_the_catalogue(): void
    {
        $planner = new KitPlanner(self::allWorks(), [], [], new School(['saws' => 'either']));
        self::assertSame(
            [],
            array_map(static fn (Task $task): string => $task->key(), $planner->propose()->impossible),
        );
    }

    /** Every operation known, at a good grade, is in reach of what is on offer. */
    public function test_every_operation_is_possible_with_what_can_be_had(): void
    {
        $tasks = array_values(
            array_map(static fn ($operation): Task => new Task($operation, minGrade: 4), Operations::all()),
        );
        self::assertSame(
            [],
            self::planner($tasks, [], school: new School(['saws' => 'either']))->propose()->impossible,
        );
    }
}
