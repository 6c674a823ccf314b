<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use Bench\Glpk;
use Bench\KitFamilies;
use Bench\RandomKit;
use JackRest\Core\Kit\KitPlan;
use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\ToolOffer;
use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KitPlanTest extends TestCase
{
    use Computes;

    private const SHOP = [
        'operations' => [['id' => 'rebate'], ['id' => 'pare']],
        'tools' => [
            ['id' => 'chisel', 'cost' => 20, 'needs' => ['stone']],
            ['id' => 'stone', 'cost' => 30],
            ['id' => 'rebate-plane', 'cost' => 45],
        ],
        'methods' => [
            ['operation' => 'rebate', 'tools' => ['rebate-plane']],
            ['operation' => 'pare', 'tools' => ['chisel']],
        ],
        'owned' => [],
    ];

    /** Common practice, no source: an edge tool without a way to sharpen it is no tool. */
    public function test_a_tool_comes_with_everything_it_needs(): void
    {
        $plan = self::compute('kit-plan', self::SHOP);

        self::assertSame(['chisel', 'rebate-plane', 'stone'], $plan['buy']);
        self::assertEquals([95, 95, true], [$plan['cost'], $plan['lowerBound'], $plan['provenOptimal']]);
    }

    public function test_an_owned_tool_lacking_what_it_needs_does_not_count_yet(): void
    {
        self::assertSame(
            ['rebate-plane', 'stone'],
            self::compute('kit-plan', [...self::SHOP, 'owned' => ['chisel']])['buy'],
        );
    }

    public function test_a_method_below_the_grade_asked_for_does_not_count(): void
    {
        $plan = self::compute('kit-plan', [...self::SHOP, 'operations' => [['id' => 'pare', 'minGrade' => 2]]]);

        self::assertSame([], $plan['buy']);
        self::assertSame(['pare'], $plan['uncoverable']);
    }

    public function test_coverage_names_the_best_graded_method_at_hand(): void
    {
        $plan = self::compute('kit-plan', [
            ...self::SHOP,
            'methods' => [...self::SHOP['methods'], ['operation' => 'pare', 'tools' => ['rebate-plane'], 'grade' => 5]],
        ]);

        self::assertEquals(['operation' => 'pare', 'tools' => ['rebate-plane'], 'grade' => 5], $plan['coverage'][1]);
        self::assertSame(['rebate-plane'], $plan['buy']);
    }

    public function test_on_a_tie_fewer_tools(): void
    {
        $plan = self::plan(['a' => 10, 'b' => 10, 'z' => 20], [['o', ['a', 'b']], ['o', ['z']]]);
        self::assertSame(['z'], $plan['buy']);
    }

    public function test_then_the_ids_that_come_first(): void
    {
        $plan = self::plan(
            ['m' => 10, 'c' => 10, 'x' => 10, 'b' => 10],
            [['o', ['c', 'x']], ['o', ['b', 'm']], ['o', ['m', 'x']]],
        );
        self::assertSame(['b', 'm'], $plan['buy']);
    }

    /** 0.1 + 0.2 costs just as much as 0.3, whatever floating point makes of it. */
    public function test_prices_tie_to_the_cent(): void
    {
        $plan = self::plan(['a' => 0.1, 'b' => 0.2, 'z' => 0.3], [['o', ['a', 'b']], ['o', ['z']]]);
        self::assertSame(['z'], $plan['buy']);
    }

    public function test_a_gift_is_still_one_tool_more(): void
    {
        self::assertSame(['z'], self::plan(['gift' => 0, 'z' => 5], [['o', ['gift', 'z']], ['o', ['z']]])['buy']);
    }

    public function test_a_budget_serves_the_largest_weight_then_costs_least(): void
    {
        $plan = self::compute('kit-plan', [
            'operations' => [['id' => 'o', 'weight' => 3], ['id' => 'p', 'weight' => 2], ['id' => 'q', 'weight' => 2]],
            'tools' => [['id' => 'a', 'cost' => 10], ['id' => 'b', 'cost' => 5], ['id' => 'c', 'cost' => 4]],
            'methods' => [
                ['operation' => 'o', 'tools' => ['a']],
                ['operation' => 'p', 'tools' => ['b']],
                ['operation' => 'q', 'tools' => ['c']],
            ],
            'owned' => [],
            'budget' => 12,
        ]);

        self::assertSame(['b', 'c'], $plan['buy']);
        self::assertSame(['o'], $plan['unserved']);
    }

    public function test_a_circle_of_needs_is_refused(): void
    {
        $tools = [['id' => 'a', 'cost' => 1, 'needs' => ['b']], ['id' => 'b', 'cost' => 1, 'needs' => ['a']]];
        $this->assertRefused(
            'kit-plan',
            [...self::SHOP, 'tools' => $tools, 'methods' => []],
            'tools[0].needs',
            'a needs b needs a',
        );
    }

    public function test_a_tool_id_that_names_nothing_is_refused(): void
    {
        $this->assertRefused('kit-plan', [...self::SHOP, 'owned' => ['axe']], 'owned[0]', '"axe" names no tool');
    }

    public function test_a_doubled_id_is_refused(): void
    {
        $this->assertRefused(
            'kit-plan',
            [...self::SHOP, 'operations' => [['id' => 'pare'], ['id' => 'pare']]],
            'operations[1].id',
            'given twice',
        );
    }

    public function test_a_negative_cost_is_refused(): void
    {
        $this->assertRefused(
            'kit-plan',
            [...self::SHOP, 'tools' => [['id' => 'a', 'cost' => -1]]],
            'tools[0].cost',
            'must be 0 or more',
        );
    }

    /** @return iterable<string, array{KitPlanInput, float|null}> */
    public static function instancesForGlpk(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "everything, seed $seed" => [RandomKit::of($seed, 30, 15, 50), null];
        }
        foreach (range(1, 6) as $seed) {
            yield "within 300, seed $seed" => [RandomKit::of($seed, 30, 15, 50, 300), 300.0];
        }
        foreach (range(1, 6) as $seed) {
            yield "graded 2 or better, seed $seed" => [self::floored(RandomKit::of(40 + $seed, 30, 15, 60)), null];
            yield "graded 2 or better within 200, seed $seed" => [
                self::floored(RandomKit::of(60 + $seed, 30, 15, 60, 200)),
                200.0,
            ];
        }
        foreach (range(1, 4) as $seed) {
            yield "many ties, seed $seed" => [RandomKit::of($seed, 25, 14, 45, null, 2), null];
        }
    }

    /** The same kit with a quality floor; operations that nothing serves so well are left out. */
    private static function floored(KitPlanInput $kit): KitPlanInput
    {
        $served = array_fill_keys(
            array_map(
                static fn (Method $method): string => $method->operation,
                array_filter($kit->methods, static fn (Method $method): bool => $method->grade >= 2.0),
            ),
            true,
        );
        $wanted = array_filter(
            $kit->operations,
            static fn (OperationWanted $operation): bool => isset($served[$operation->id]),
        );

        return new KitPlanInput(
            array_values(
                array_map(
                    static fn (OperationWanted $operation): OperationWanted => new OperationWanted(
                        $operation->id,
                        2.0,
                        $operation->weight,
                    ),
                    $wanted,
                ),
            ),
            $kit->tools,
            $kit->methods,
            $kit->owned,
            $kit->budget,
        );
    }

    /** GLPK (Debian package glpk-utils) solves the same kit as an integer program. */
    #[DataProvider('instancesForGlpk')]
    public function test_the_optimum_is_the_one_that_glpk_finds(KitPlanInput $kit, ?float $budget): void
    {
        $plan = (new KitPlan())($kit);
        $unserved = array_flip($plan->unserved ?? []);
        $served = array_sum(
            array_map(
                static fn (OperationWanted $operation): float => isset($unserved[$operation->id])
                    ? 0.0
                    : $operation->weight,
                $kit->operations,
            ),
        );

        self::assertTrue($plan->provenOptimal);
        self::assertEqualsWithDelta(Glpk::objective($kit), $budget === null ? $plan->cost : $served, 1e-6);
        self::assertTrue($budget === null || $plan->cost <= $budget);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 25) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** The kinds of kits that are hard in a way of their own, small enough for GLPK. */
    #[DataProvider('families')]
    public function test_every_family_ends_proven_at_the_optimum_of_glpk(KitPlanInput $kit): void
    {
        $plan = (new KitPlan())($kit);
        self::assertTrue($plan->provenOptimal);
        self::assertSame($plan->cost, $plan->lowerBound);
        self::assertEqualsWithDelta(Glpk::objective($kit), $plan->cost, 1e-6);
    }

    /** @return iterable<string, array{KitPlanInput}> */
    public static function families(): iterable
    {
        foreach ((new KitFamilies(48, 30, 100))->all() as $family => $make) {
            foreach ([1, 2, 3] as $seed) {
                yield "$family, seed $seed" => [$make($seed)];
            }
        }
        // Twelve, thirty and a hundred triangles: each alone, or the proof grows without end.
        foreach ([36, 90, 300] as $tools) {
            yield "triangles of $tools tools" => [(new KitFamilies($tools))->all()['triangles apart'](7)];
        }
    }

    /** Cost, then count, then alphabet, against trying every subset of the tools. */
    #[DataProvider('seeds')]
    public function test_ties_are_broken_as_trying_every_subset_would(int $seed): void
    {
        $kit = RandomKit::of($seed, 11, 5, 14, null, 3);
        self::assertSame(self::bestOfAllSubsets($kit), (new KitPlan())($kit)->buy);
    }

    /** Many sets of the same cost and number: only the alphabet tells. */
    #[DataProvider('smallFamilies')]
    public function test_ties_of_every_family_are_broken_likewise(KitPlanInput $kit): void
    {
        self::assertSame(self::bestOfAllSubsets($kit), (new KitPlan())($kit)->buy);
    }

    /** @return iterable<string, array{KitPlanInput}> */
    public static function smallFamilies(): iterable
    {
        foreach ((new KitFamilies(9, 6, 15))->all() as $family => $make) {
            foreach (range(1, 5) as $seed) {
                yield "$family, seed $seed" => [$make($seed)];
            }
        }
    }

    /** Weight first, then cost, count and alphabet. */
    #[DataProvider('seeds')]
    public function test_ties_within_a_budget_are_broken_likewise(int $seed): void
    {
        $kit = RandomKit::of(200 + $seed, 11, 6, 15, (float) (($seed % 7) + 1), 3);
        self::assertSame(self::bestOfAllSubsets($kit), (new KitPlan())($kit)->buy);
    }

    /** @return list<string> */
    private static function bestOfAllSubsets(KitPlanInput $kit): array
    {
        $offers = array_values(
            array_filter($kit->tools, static fn (ToolOffer $tool): bool => ! in_array($tool->id, $kit->owned, true)),
        );
        $best = null;
        for ($subset = 0; $subset < 2 ** count($offers); $subset++) {
            $bought = array_values(
                array_filter(
                    $offers,
                    static fn (int $index): bool => (bool) (($subset >> $index) & 1),
                    ARRAY_FILTER_USE_KEY,
                ),
            );
            $ids = array_map(static fn (ToolOffer $tool): string => $tool->id, $bought);
            $cost = array_sum(array_map(static fn (ToolOffer $tool): float => $tool->cost, $bought));
            $served = self::weightServed($kit, [...$kit->owned, ...$ids]);
            $rank = [-$served, $cost, count($ids), $ids];
            if ($cost <= ($kit->budget ?? INF) && ($best === null || $rank < $best)) {
                $best = $rank;
            }
        }

        return $best[3] ?? [];
    }

    /** @param  list<string>  $ids */
    private static function weightServed(KitPlanInput $kit, array $ids): float
    {
        $needs = array_column(
            array_map(static fn (ToolOffer $tool): array => ['id' => $tool->id, 'needs' => $tool->needs], $kit->tools),
            'needs',
            'id',
        );
        do {
            $before = count($ids);
            $ids = array_values(
                array_filter($ids, static fn (string $id): bool => array_diff($needs[$id], $ids) === []),
            );
        } while (count($ids) < $before);
        $weight = 0.0;
        foreach ($kit->operations as $operation) {
            $ways = array_filter(
                $kit->methods,
                static fn (Method $method): bool => $method->operation === $operation->id &&
                    array_diff($method->tools, $ids) === [],
            );
            $weight += $ways === [] ? 0.0 : $operation->weight;
        }

        return $weight;
    }

    /**
     * @param  array<string, float|int>  $prices
     * @param  list<array{string, list<string>}>  $methods
     * @return array<string, mixed>
     */
    private static function plan(array $prices, array $methods): array
    {
        return self::compute('kit-plan', [
            'operations' => [['id' => 'o']],
            'tools' => array_map(
                static fn (string $id): array => ['id' => $id, 'cost' => $prices[$id]],
                array_keys($prices),
            ),
            'methods' => array_map(
                static fn (array $method): array => ['operation' => $method[0], 'tools' => $method[1]],
                $methods,
            ),
            'owned' => [],
        ]);
    }
}
