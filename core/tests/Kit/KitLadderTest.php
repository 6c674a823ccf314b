<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use Bench\Glpk;
use Bench\RandomKit;
use JackRest\Core\Kit\KitLadder;
use JackRest\Core\Kit\KitLadderInput;
use JackRest\Core\Kit\KitPlan;
use JackRest\Core\Kit\LadderRung;
use JackRest\Core\Kit\LadderWork;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\ToolOffer;
use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class KitLadderTest extends TestCase
{
    use Computes;

    private const SHOP = [
        'works' => [
            ['id' => 'box', 'operations' => ['saw', 'pare']],
            ['id' => 'lid', 'operations' => ['saw']],
            ['id' => 'stand', 'operations' => ['saw', 'mortise'], 'weight' => 5],
        ],
        'tools' => [
            ['id' => 'saw', 'cost' => 40],
            ['id' => 'chisel', 'cost' => 20, 'needs' => ['stone']],
            ['id' => 'stone', 'cost' => 30],
            ['id' => 'mortiser', 'cost' => 50, 'needs' => ['stone']],
        ],
        'methods' => [
            ['operation' => 'saw', 'tools' => ['saw']],
            ['operation' => 'pare', 'tools' => ['chisel']],
            ['operation' => 'mortise', 'tools' => ['mortiser']],
        ],
        'owned' => [],
    ];

    /**
     * By hand: stand 6/120 (it unlocks the lid too) beats box 2/90 and lid 1/40; then the box wants the chisel alone.
     */
    public function test_the_most_weight_for_its_cost_comes_first(): void
    {
        $ladder = self::compute('kit-ladder', self::SHOP);

        self::assertSame([['mortiser', 'saw', 'stone'], ['chisel']], array_column($ladder['rungs'], 'buy'));
        self::assertSame([['lid', 'stand'], ['box']], array_column($ladder['rungs'], 'unlocks'));
        self::assertEquals(
            [[120, 20], [120, 140], 140],
            [
                array_column($ladder['rungs'], 'cost'),
                array_column($ladder['rungs'], 'cumulativeCost'),
                $ladder['total'],
            ],
        );
    }

    public function test_what_is_possible_already_is_the_first_rung(): void
    {
        $ladder = self::compute('kit-ladder', ['owned' => ['saw']] + self::SHOP);
        self::assertEquals(
            ['buy' => [], 'cost' => 0, 'unlocks' => ['lid'], 'cumulativeCost' => 0],
            $ladder['rungs'][0],
        );
    }

    public function test_nothing_possible_makes_no_rung_of_nothing(): void
    {
        self::assertNotSame([], self::compute('kit-ladder', self::SHOP)['rungs'][0]['buy']);
    }

    /** Two works of one weight and cost: the one given first. */
    public function test_ties_go_by_the_order_given(): void
    {
        $kit = [
            'works' => [['id' => 'second', 'operations' => ['b']], ['id' => 'first', 'operations' => ['a']]],
            'tools' => [['id' => 'x', 'cost' => 10], ['id' => 'y', 'cost' => 10]],
            'methods' => [['operation' => 'a', 'tools' => ['x']], ['operation' => 'b', 'tools' => ['y']]],
            'owned' => [],
        ];
        self::assertSame([['second'], ['first']], array_column(self::compute('kit-ladder', $kit)['rungs'], 'unlocks'));
    }

    public function test_a_gift_comes_before_anything_that_costs(): void
    {
        $kit = self::SHOP;
        $kit['works'][] = ['id' => 'gift', 'operations' => ['free'], 'weight' => 0.001];
        $kit['tools'][] = ['id' => 'given', 'cost' => 0];
        $kit['methods'][] = ['operation' => 'free', 'tools' => ['given']];
        self::assertSame(['gift'], self::compute('kit-ladder', $kit)['rungs'][0]['unlocks']);
    }

    public function test_grades_shut_poor_methods_out(): void
    {
        $kit = ['grades' => ['pare' => 2]] + self::SHOP;
        self::assertSame([['lid', 'stand']], array_column(self::compute('kit-ladder', $kit)['rungs'], 'unlocks'));
    }

    public function test_a_doubled_work_is_refused(): void
    {
        $this->assertRefused(
            'kit-ladder',
            ['works' => [['id' => 'box', 'operations' => []], ['id' => 'box', 'operations' => []]]] + self::SHOP,
            'works[1].id',
            'given twice',
        );
    }

    public function test_a_grade_that_is_no_number_is_refused(): void
    {
        $this->assertRefused(
            'kit-ladder',
            ['grades' => ['pare' => 'fine']] + self::SHOP,
            'grades.pare',
            'must be a number',
        );
    }

    public function test_tools_and_needs_are_checked_as_for_a_plan(): void
    {
        $this->assertRefused('kit-ladder', ['owned' => ['axe']] + self::SHOP, 'owned[0]', '"axe" names no tool');
    }

    /** @return iterable<string, array{KitLadderInput}> */
    public static function ladders(): iterable
    {
        foreach (range(1, 12) as $seed) {
            $kit = RandomKit::of($seed, 24, 14, 45);
            $random = new Randomizer(new Mt19937($seed));
            $ids = array_map(static fn ($operation): string => $operation->id, $kit->operations);
            $works = array_map(
                static fn (int $number): LadderWork => new LadderWork(
                    "w$number",
                    array_map(static fn (int $key): string => $ids[$key], $random->pickArrayKeys(range(0, 13), 3)),
                    (float) $random->getInt(1, 4),
                ),
                range(0, 5),
            );
            yield "seed $seed" => [new KitLadderInput($works, $kit->tools, $kit->methods, $kit->owned)];
        }
    }

    /** GLPK (Debian package glpk-utils) finds the cost of the plan for all works together. */
    #[DataProvider('ladders')]
    public function test_the_whole_costs_what_glpk_finds(KitLadderInput $kit): void
    {
        self::assertEqualsWithDelta(Glpk::objective($kit->everything()), (new KitLadder())($kit)->total, 1e-6);
    }

    /**
     * Each rung against GLPK: no cheaper set of the plan's remaining tools unlocks the work it was bought for, and no
     * work promised more.
     */
    #[DataProvider('ladders')]
    public function test_no_rung_could_be_better(KitLadderInput $kit): void
    {
        $plan = (new KitPlan())($kit->everything())->buy;
        $within = [...$plan, ...$kit->owned];
        do {
            $before = count($within);
            $tools = array_values(
                array_filter(
                    $kit->tools,
                    static fn (ToolOffer $tool): bool => in_array($tool->id, $within, true) &&
                        array_diff($tool->needs, $within) === [],
                ),
            );
            $within = array_map(static fn (ToolOffer $tool): string => $tool->id, $tools);
        } while (count($within) < $before);
        [$had, $unlocked] = [$kit->owned, []];
        foreach ((new KitLadder())($kit)->rungs as $rung) {
            if ($rung->buy !== []) {
                self::assertEqualsWithDelta(
                    self::bestRatio($kit, $tools, $had, $unlocked),
                    self::ratio($kit, $rung),
                    1e-9,
                );
            }
            $had = [...$had, ...$rung->buy];
            $unlocked = [...$unlocked, ...$rung->unlocks];
        }
        self::assertCount(count($kit->works), $unlocked);
    }

    private static function ratio(KitLadderInput $kit, LadderRung $rung): float
    {
        $weights = array_filter(
            $kit->works,
            static fn (LadderWork $work): bool => in_array($work->id, $rung->unlocks, true),
        );

        return array_sum(array_map(static fn (LadderWork $work): float => $work->weight, $weights)) / $rung->cost;
    }

    /**
     * @param  list<ToolOffer>  $tools
     * @param  list<string>  $had
     * @param  list<string>  $unlocked
     */
    private static function bestRatio(KitLadderInput $kit, array $tools, array $had, array $unlocked): float
    {
        $best = 0.0;
        foreach ($kit->works as $work) {
            if (in_array($work->id, $unlocked, true)) {
                continue;
            }
            $asked = $kit->planFor([$work], $tools, $had);
            $cost = Glpk::objective($asked);
            $after = [...$had, ...(new KitPlan())($asked)->buy];
            $weight = array_sum(
                array_map(
                    static fn (LadderWork $other): float => ! in_array($other->id, $unlocked, true) &&
                    self::isPossible($kit, $other, $after)
                        ? $other->weight
                        : 0.0,
                    $kit->works,
                ),
            );
            $best = max($best, $weight / $cost);
        }

        return $best;
    }

    /** @param  list<string>  $had */
    private static function isPossible(KitLadderInput $kit, LadderWork $work, array $had): bool
    {
        $needs = array_column(
            array_map(static fn (ToolOffer $tool): array => [$tool->id, $tool->needs], $kit->tools),
            1,
            0,
        );
        do {
            $before = count($had);
            $had = array_values(
                array_filter($had, static fn (string $id): bool => array_diff($needs[$id], $had) === []),
            );
        } while (count($had) < $before);

        return array_filter(
            $work->operations,
            static fn (string $operation): bool => array_filter(
                $kit->methods,
                static fn (Method $method): bool => $method->operation === $operation &&
                    array_diff($method->tools, $had) === [],
            ) === [],
        ) === [];
    }
}
