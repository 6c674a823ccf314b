<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Tests\Computes;
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
