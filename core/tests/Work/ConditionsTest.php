<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Work;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Timber\Grain;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Conditions\Compares;
use JackRest\Core\Work\Conditions\Cuts;
use JackRest\Core\Work\Conditions\Has;
use JackRest\Core\Work\Conditions\SoleReaches;
use JackRest\Core\Work\Conditions\SweepTurns;
use JackRest\Core\Work\Conditions\TeethSuit;
use JackRest\Core\Work\Conditions\ToolMeasures;
use JackRest\Core\Work\Conditions\WorkWithin;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Relation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every condition of every way, on both sides of its edge. */
final class ConditionsTest extends TestCase
{
    /** @return iterable<string, array{Condition}> */
    public static function conditions(): iterable
    {
        foreach (Operations::all() as $operation) {
            foreach ($operation->ways as $number => $way) {
                foreach ($way->conditions as $place => $condition) {
                    yield "{$operation->id}, way $number, condition $place: {$condition->says(self::format())}" => [
                        $condition,
                    ];
                }
            }
        }
    }

    #[DataProvider('conditions')]
    public function test_it_holds_on_one_side_of_its_edge_and_not_on_the_other(Condition $condition): void
    {
        [$met, $unmet] = self::bothSides($condition);

        self::assertTrue($condition->holds(...$met), 'where it should hold');
        self::assertFalse($condition->holds(...$unmet), 'where it should not');
        self::assertNotSame('', $condition->shortfall(...$unmet)->what);
    }

    #[DataProvider('conditions')]
    public function test_what_is_not_known_decides_nothing(Condition $condition): void
    {
        self::assertTrue($condition->holds([], new Facts()));
    }

    #[DataProvider('conditions')]
    public function test_it_looks_at_a_dimension_that_the_kind_has(Condition $condition): void
    {
        $dimension = match (true) {
            $condition instanceof Compares,
            $condition instanceof ToolMeasures,
            $condition instanceof Has => $condition->dimension,
            $condition instanceof SoleReaches => 'length',
            $condition instanceof TeethSuit => 'tpi',
            $condition instanceof SweepTurns => 'sweep',
            $condition instanceof Cuts => 'cut',
            default => null,
        };
        self::assertTrue(
            $dimension === null || ToolKinds::named((string) $condition->kind())->dimension($dimension) !== null,
            (string) $dimension,
        );
    }

    /** @return array{array{array<string, float>, Facts}, array{array<string, float>, Facts}} */
    private static function bothSides(Condition $condition): array
    {
        return match (true) {
            $condition instanceof Compares => self::compared($condition),
            $condition instanceof ToolMeasures => [
                [[$condition->dimension => $condition->mm], new Facts()],
                [[$condition->dimension => $condition->mm - 0.01], new Facts()],
            ],
            $condition instanceof Has => [
                [[$condition->dimension => 1.0], new Facts()],
                [[$condition->dimension => 0.0], new Facts()],
            ],
            $condition instanceof Cuts => [
                [['cut' => $condition->grain === Grain::Along ? Grain::RIP : Grain::CROSS], new Facts()],
                [['cut' => $condition->grain === Grain::Along ? Grain::CROSS : Grain::RIP], new Facts()],
            ],
            // By hand: 900·√(0.05/0.2) = 450 mm.
            $condition instanceof SoleReaches => [
                [['length' => 450.0], Facts::of(length: 900, tolerance: 0.2)],
                [['length' => 449.9], Facts::of(length: 900, tolerance: 0.2)],
            ],
            // By hand: 2·12 N·m ÷ 120 N = 200 mm.
            $condition instanceof SweepTurns => [
                [['sweep' => 200.0], Facts::of(diameter: 25)],
                [['sweep' => 199.9], Facts::of(diameter: 25)],
            ],
            $condition instanceof TeethSuit => [
                [['tpi' => 10.0], Facts::of(thickness: 20)],
                [['tpi' => 10.0], Facts::of(thickness: 2)],
            ],
            $condition instanceof WorkWithin => self::limited($condition),
            default => throw new LogicException('A new kind of condition needs its two sides here.'),
        };
    }

    /** @return array{array{array<string, float>, Facts}, array{array<string, float>, Facts}} */
    private static function compared(Compares $condition): array
    {
        $facts = new Facts([$condition->fact->value => 10.0]);
        $edge = 10.0 * $condition->factor;
        $beyond = match ($condition->relation) {
            Relation::AtLeast => $edge - 0.01,
            Relation::AtMost => $edge + 0.01,
            Relation::Same => $edge + 0.51,
        };

        return [[[$condition->dimension => $edge], $facts], [[$condition->dimension => $beyond], $facts]];
    }

    /** @return array{array{array<string, float>, Facts}, array{array<string, float>, Facts}} */
    private static function limited(WorkWithin $condition): array
    {
        $beyond = $condition->relation === Relation::AtMost ? 0.01 : -0.01;

        return [
            [[], new Facts([$condition->fact->value => $condition->limitMm])],
            [[], new Facts([$condition->fact->value => $condition->limitMm + $beyond])],
        ];
    }

    public function test_teeth_too_coarse_and_too_fine(): void
    {
        $condition = When::teethSuit('dovetail-saw');
        self::assertSame('finer than', $condition->shortfall(['tpi' => 10.0], Facts::of(thickness: 2))->relation);
        self::assertSame(
            'coarser than',
            $condition->shortfall(['tpi' => 26.0], Facts::of(thickness: 100, hardness: Hardness::Soft))->relation,
        );
        self::assertFalse($condition->holds(['tpi' => 26.0], Facts::of(thickness: 100, hardness: Hardness::Soft)));
        self::assertTrue($condition->holds(['tpi' => 20.0], Facts::of(thickness: 60, hardness: Hardness::Hard)));
    }

    public function test_both_teeth_cut_either_way(): void
    {
        self::assertTrue(When::cuts('tenon-saw', Grain::Along)->holds(['cut' => Grain::BOTH], new Facts()));
        self::assertSame(['rip', 'cross', 'both'], array_map(Grain::named(...), [1.0, 2.0, 3.0]));
    }

    public function test_a_rule_reads_as_the_trade_says_it(): void
    {
        self::assertSame(
            'depth under the back at least the depth of the cut',
            When::atLeast('tenon-saw', 'depth', Fact::Depth)->says(self::format()),
        );
        self::assertSame(
            'length at least 0.75 times its length',
            When::atLeast('straightedge', 'length', Fact::Length, 0.75)->says(self::format()),
        );
        self::assertSame(
            'the stock’s thickness at most 25 mm',
            When::workAtMost(Fact::Thickness, 25)->says(self::format()),
        );
    }

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** At the number itself it holds, a hair beyond it does not; as wide as means within half a millimetre. */
    public function test_relations_at_and_beside_their_number(): void
    {
        foreach ([[Relation::AtLeast, 10.0, 9.999], [Relation::AtMost, 10.0, 10.001], [Relation::Same, 10.5, 10.501],
            [Relation::Same, 9.5, 9.499]] as [$relation, $yes, $no]) {
            self::assertTrue($relation->holds($yes, 10.0));
            self::assertFalse($relation->holds($no, 10.0));
        }
    }

    public function test_a_way_asks_each_tool_its_own_conditions_and_the_work_the_rest(): void
    {
        $deep = When::atLeast('dovetail-saw', 'depth', Fact::Depth, 2.0);
        $thin = When::workAtMost(Fact::Thickness, 12.0);
        $way = new Way(['dovetail-saw', 'mallet'], 4, 3, 'sawn', conditions: [$deep, $thin]);
        self::assertSame([[$deep], [$thin], []], [
            $way->conditionsOn('dovetail-saw'), $way->conditionsOn(null), $way->conditionsOn('mallet'),
        ]);
        $facts = Facts::of(thickness: 12, depth: 20);
        self::assertTrue($way->allowedBy($facts));
        self::assertFalse($way->allowedBy(Facts::of(thickness: 12.5, depth: 20)));
        self::assertTrue($way->suits('dovetail-saw', ['depth' => 40.0], $facts));
        self::assertFalse($way->suits('dovetail-saw', ['depth' => 39.0], $facts));
        self::assertTrue($way->suits('mallet', [], $facts));
        self::assertSame('dovetail saw, wooden mallet', $way->tools());
        $short = $deep->shortfall(['depth' => 39.0], $facts);
        self::assertSame(['at least', 40.0, 39.0], [$short->relation, $short->takes, $short->has]);
    }

    #[TestWith([1.0, 'at least '])]
    #[TestWith([0.5, 'at least half '])]
    #[TestWith([2.0, 'at least twice '])]
    #[TestWith([0.25, 'at least 0.25 times '])]
    #[TestWith([1.125, 'at least 1.13 times '])]
    #[TestWith([3.0, 'at least 3 times '])]
    public function test_how_many_times_in_words(float $factor, string $words): void
    {
        $rule = When::atLeast('dovetail-saw', 'depth', Fact::Depth, $factor);
        self::assertStringContainsString(
            $words.Fact::Depth->label(),
            $rule->says(new LengthFormatter(LengthUnit::Millimetre)),
        );
    }
}
