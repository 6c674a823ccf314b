<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use Bench\Glpk;
use Bench\RandomKit;
use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\KitStage;
use JackRest\Core\Kit\KitStages;
use JackRest\Core\Kit\KitStagesInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\StageGoal;
use JackRest\Core\Kit\StageWork;
use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class KitStagesTest extends TestCase
{
    use Computes;

    /** A box out of a saw and a chisel; a rebate by saw and chisel, or well with a rebate plane. */
    private const SHOP = [
        'works' => [
            ['id' => 'box', 'operations' => ['saw', 'pare']],
            ['id' => 'tray', 'operations' => ['saw', 'rebate']],
        ],
        'tools' => [
            ['id' => 'saw', 'cost' => 40],
            ['id' => 'chisel', 'cost' => 20, 'needs' => ['stone']],
            ['id' => 'stone', 'cost' => 30],
            ['id' => 'rebate-plane', 'cost' => 90, 'needs' => ['stone']],
        ],
        'methods' => [
            ['operation' => 'saw', 'tools' => ['saw'], 'grade' => 4],
            ['operation' => 'pare', 'tools' => ['chisel'], 'grade' => 3],
            ['operation' => 'rebate', 'tools' => ['saw', 'chisel'], 'grade' => 1],
            ['operation' => 'rebate', 'tools' => ['rebate-plane'], 'grade' => 4],
        ],
        'owned' => [],
        'floors' => [1, 3],
    ];

    /** By hand: 90 makes both, roughly; paring is as good as it gets with a chisel. 90 more makes the tray well. */
    public function test_first_to_make_something_then_to_make_it_better(): void
    {
        $up = self::compute('kit-stages', self::SHOP);

        self::assertSame([['chisel', 'saw', 'stone'], ['rebate-plane']], array_column($up['stages'], 'buy'));
        self::assertEquals(
            [
                [
                    ['work' => 'box', 'floor' => 1], ['work' => 'box', 'floor' => 3],
                    ['work' => 'tray', 'floor' => 1],
                ],
                [['work' => 'tray', 'floor' => 3]],
            ],
            array_column($up['stages'], 'unlocks'),
        );
        self::assertEquals(
            [[90, 90], [90, 180], 180, 180, null, []],
            [
                array_column($up['stages'], 'cost'),
                array_column($up['stages'], 'cumulativeCost'),
                $up['total'],
                $up['straightTotal'],
                $up['next'],
                $up['impossible'],
            ],
        );
    }

    /** A makeshift that nothing else wants is money spent twice. */
    public function test_starting_small_can_cost_more_in_the_end(): void
    {
        $kit = [
            'works' => [['id' => 'box', 'operations' => ['glue']]],
            'tools' => [['id' => 'cord', 'cost' => 3], ['id' => 'clamps', 'cost' => 60]],
            'methods' => [
                ['operation' => 'glue', 'tools' => ['cord'], 'grade' => 1],
                ['operation' => 'glue', 'tools' => ['clamps'], 'grade' => 4],
            ],
            'owned' => [],
        ];
        $up = self::compute('kit-stages', $kit);
        self::assertSame([['cord'], ['clamps']], array_column($up['stages'], 'buy'));
        self::assertEquals([63, 60], [$up['total'], $up['straightTotal']]);
    }

    public function test_what_is_met_already_is_a_first_stage_at_no_cost(): void
    {
        $up = self::compute('kit-stages', ['owned' => ['saw', 'chisel', 'stone']] + self::SHOP);
        self::assertEquals([[], 0, 0], [
            $up['stages'][0]['buy'], $up['stages'][0]['cost'], $up['stages'][0]['cumulativeCost'],
        ]);
        self::assertCount(3, $up['stages'][0]['unlocks']);
    }

    /** A chisel without a stone is no working chisel: what is still needed is bought. */
    public function test_what_a_tool_owned_needs_is_bought_with_it(): void
    {
        $up = self::compute('kit-stages', ['owned' => ['saw', 'chisel']] + self::SHOP);
        self::assertSame(['stone'], $up['stages'][0]['buy']);
    }

    public function test_a_budget_too_small_says_what_is_missing(): void
    {
        $up = self::compute('kit-stages', ['budget' => 70] + self::SHOP);
        self::assertSame([], $up['stages']);
        self::assertEquals(
            ['work' => 'box', 'floor' => 1, 'buy' => ['chisel', 'saw', 'stone'], 'cost' => 90, 'short' => 20],
            $up['next'],
        );
    }

    public function test_a_budget_that_just_reaches_leaves_nothing_next(): void
    {
        $up = self::compute('kit-stages', ['budget' => 180] + self::SHOP);
        self::assertNull($up['next']);
        self::assertEquals(180, $up['total']);
    }

    public function test_a_work_that_nothing_serves_is_left_out(): void
    {
        $kit = self::SHOP;
        $kit['works'][] = ['id' => 'boat', 'operations' => ['saw', 'bend']];
        $up = self::compute('kit-stages', $kit);
        self::assertSame(['boat'], $up['impossible']);
        self::assertEquals(self::compute('kit-stages', self::SHOP)['stages'], $up['stages']);
    }

    /** Paring is asked for no better than 1 then, so the rebate by saw and chisel is all the tray ever wants. */
    public function test_a_grade_caps_what_a_floor_asks(): void
    {
        $up = self::compute('kit-stages', ['grades' => ['rebate' => 1]] + self::SHOP);
        self::assertCount(1, $up['stages']);
        self::assertEquals(90, $up['straightTotal']);
    }

    public function test_weight_brings_a_work_forward(): void
    {
        $kit = [
            'works' => [
                ['id' => 'cheap', 'operations' => ['a']],
                ['id' => 'dear', 'operations' => ['b'], 'weight' => 3],
            ],
            'tools' => [['id' => 'x', 'cost' => 10], ['id' => 'y', 'cost' => 29]],
            'methods' => [['operation' => 'a', 'tools' => ['x']], ['operation' => 'b', 'tools' => ['y']]],
            'owned' => [],
        ];
        self::assertSame([['y'], ['x']], array_column(self::compute('kit-stages', $kit)['stages'], 'buy'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        yield 'no floor' => [['floors' => []], 'floors', 'at least'];
        yield 'floors that fall' => [['floors' => [2, 1]], 'floors[1]', 'more than the one before'];
        yield 'no weight' => [
            ['works' => [['id' => 'box', 'operations' => [], 'weight' => 0]]], 'works[0].weight', 'more than 0',
        ];
        yield 'a work twice' => [
            ['works' => [['id' => 'box', 'operations' => []], ['id' => 'box', 'operations' => []]]],
            'works[1].id', 'given twice',
        ];
        yield 'a stranger' => [['owned' => ['axe']], 'owned[0]', '"axe" names no tool'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('refusals')]
    public function test_what_makes_no_sense_is_refused(array $wrong, string $field, string $why): void
    {
        $this->assertRefused('kit-stages', $wrong + self::SHOP, $field, $why);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** Every stage, against trying every subset of the tools for every work. */
    #[DataProvider('seeds')]
    public function test_it_is_what_trying_every_subset_gives(int $seed): void
    {
        $kit = self::random($seed, 9, 6, 16, 3, $seed % 3 === 0 ? (float) ($seed + 5) : null);
        $up = (new KitStages())($kit);
        $naive = new StagesByTrying($kit);
        $naive->climb();
        self::assertEquals($naive->stages, array_map(static fn (KitStage $stage): array => [
            $stage->buy,
            $stage->cost,
            $stage->cumulativeCost,
            array_map(static fn (StageGoal $goal): array => [$goal->work, $goal->floor], $stage->unlocks),
        ], $up->stages));
        self::assertEquals(
            $naive->next,
            $up->next === null ? null : [$up->next->work, $up->next->floor, $up->next->buy, $up->next->cost],
        );
        self::assertEquals($naive->straight(), $up->straightTotal);
    }

    /** @return iterable<string, array{int}> */
    public static function largeSeeds(): iterable
    {
        foreach (range(1, 5) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /**
     * GLPK (Debian package glpk-utils) finds at each stage the cost of what each work asks next; the stage taken is the
     * least of them by place and weight.
     */
    #[DataProvider('largeSeeds')]
    public function test_each_stage_is_the_one_that_glpk_would_take(int $seed): void
    {
        $kit = self::random($seed, 40, 20, 70, 200, null);
        $up = (new KitStages())($kit);
        $had = $kit->owned;
        $met = [];
        foreach ($up->stages as $stage) {
            if ($stage->buy !== []) {
                $ranks = [];
                foreach ($kit->works as $work) {
                    $place = $met[$work->id] ?? 0;
                    if (isset($kit->floors[$place])) {
                        $asked = self::asked($kit, $work, $kit->floors[$place], $had);
                        $ranks[] = (Glpk::objective($asked) * ($place + 1)) / $work->weight;
                    }
                }
                $first = $stage->unlocks;
                self::assertNotSame([], $first);
                $taken = min([INF, ...array_map(
                    static fn (StageGoal $goal): float => ($stage->cost
                        * (1 + (int) array_search($goal->floor, $kit->floors, true)))
                        / self::weight($kit, $goal->work),
                    $first,
                )]);
                self::assertEqualsWithDelta(min([INF, ...$ranks]), $taken, 1e-6);
            }
            $had = [...$had, ...$stage->buy];
            foreach ($stage->unlocks as $goal) {
                $met[$goal->work] = ($met[$goal->work] ?? 0) + 1;
            }
        }
        ksort($met);
        self::assertSame(
            array_fill_keys(array_map(static fn (StageWork $work): string => $work->id, $kit->works), 4),
            $met,
            'At the end everything is met.',
        );
    }

    /** Never twice the same tool; the sums are the stages'; nothing cheaper straight away than proven. */
    #[DataProvider('largeSeeds')]
    public function test_the_sums_are_those_of_the_stages(int $seed): void
    {
        $kit = self::random(100 + $seed, 40, 20, 70, 200, null);
        $up = (new KitStages())($kit);
        $bought = array_merge(...array_map(static fn (KitStage $stage): array => $stage->buy, $up->stages));
        self::assertSame($bought, array_values(array_unique($bought)));
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (KitStage $stage): float => $stage->cost, $up->stages)),
            $up->total,
            1e-6,
        );
        self::assertGreaterThanOrEqual($up->straightTotal - 1e-6, $up->total);
    }

    private static function random(
        int $seed,
        int $tools,
        int $operations,
        int $methods,
        int $dearest,
        ?float $budget,
    ): KitStagesInput {
        $kit = RandomKit::of($seed, $tools, $operations, $methods, null, $dearest);
        $random = new Randomizer(new Mt19937($seed));
        $ids = array_map(static fn (OperationWanted $operation): string => $operation->id, $kit->operations);
        $works = array_map(
            static fn (int $number): StageWork => new StageWork(
                "w$number",
                array_values(array_slice($random->shuffleArray($ids), 0, 3)),
                (float) $random->getInt(1, 3),
            ),
            range(0, 3),
        );

        return new KitStagesInput(
            $works, $kit->tools, $kit->methods, $kit->owned, [1.0, 2.0, 3.0, 4.0], ['o001' => 2.0], $budget,
        );
    }

    /** @param  list<string>  $had */
    private static function asked(KitStagesInput $kit, StageWork $work, float $floor, array $had): KitPlanInput
    {
        $wanted = [];
        foreach ($work->operations as $operation) {
            $grades = array_map(static fn (Method $method): float => $method->grade, array_values(
                array_filter($kit->methods, static fn (Method $method): bool => $method->operation === $operation),
            ));
            $wanted[] = new OperationWanted($operation, min($floor, $kit->grades[$operation] ?? INF, ...$grades === []
                ? [0.0] : [max($grades)]));
        }

        return new KitPlanInput($wanted, $kit->tools, $kit->methods, $had);
    }

    private static function weight(KitStagesInput $kit, string $id): float
    {
        foreach ($kit->works as $work) {
            if ($work->id === $id) {
                return $work->weight;
            }
        }

        return 0.0;
    }
}
