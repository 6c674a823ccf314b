<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Work;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\FactsOf;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Step;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WorkSheetTest extends TestCase
{
    public function test_a_step_of_ones_own(): void
    {
        $task = (new Step('groove', ['width' => 6.0], 4))->task(Hardness::Hard);
        self::assertSame(
            ['groove', 6.0, 4, Hardness::Hard],
            [$task->operation->id, $task->facts->get(Fact::Width), $task->minGrade, $task->facts->hardness],
        );
    }

    /** @param  array<string, float>  $mm */
    #[TestWith(['juggle', [], 'operation'])]
    #[TestWith(['groove', ['colour' => 1.0], 'mm'])]
    public function test_a_step_nobody_knows_is_refused(string $operation, array $mm, string $field): void
    {
        try {
            (new Step($operation, $mm))->task(Hardness::Soft);
            self::fail('It took what it should refuse.');
        } catch (InvalidInput $wrong) {
            self::assertSame($field, $wrong->errors[0]->field);
        }
    }

    public function test_the_numbers_that_decide_about_an_operation(): void
    {
        $facts = static fn (string $id): array => array_map(
            static fn (Fact $fact): string => $fact->value,
            FactsOf::operation(Operations::named($id)),
        );
        self::assertSame(['length', 'tolerance'], $facts('joint-edge'));
        self::assertSame(['diameter'], $facts('bore'));
        self::assertSame([], $facts('hone'));
        foreach (Fact::cases() as $fact) {
            self::assertNotSame('', $fact->label().$fact->asks());
        }
    }

    public function test_facts_are_told_apart_whatever_their_order(): void
    {
        self::assertSame(Facts::of(width: 6, depth: 3)->key(), (new Facts(['depth' => 3.0, 'width' => 6.0]))->key());
        self::assertNotSame(Facts::of(width: 6)->key(), Facts::of(width: 6, hardness: Hardness::Hard)->key());
    }

    /** Three is sound work: what is asked where nobody says more. Keeping tools in order makes nothing. */
    public function test_what_is_asked_where_nobody_says(): void
    {
        self::assertSame(3, (new Task(Operations::named('rip')))->minGrade);
        self::assertSame(3, (new Step('rip'))->minGrade);
        self::assertSame(5, (new Task(Operations::named('rip')))->atGrade(5)->minGrade);
        self::assertTrue(Operations::isUpkeep('hone'));
        self::assertTrue(Operations::isUpkeep('hold'));
        self::assertFalse(Operations::isUpkeep('rip'));
    }

    public function test_each_kind_of_tool_serves_what_its_ways_name_it_in(): void
    {
        $served = Operations::byKind();
        foreach (Operations::all() as $operation) {
            foreach ($operation->ways as $way) {
                foreach ($way->kinds as $kind) {
                    self::assertContains($operation, $served[$kind]);
                }
            }
        }
        foreach ($served as $operations) {
            self::assertSame($operations, array_values(array_unique($operations, SORT_REGULAR)));
        }
        $this->expectExceptionMessage('There is no operation called "juggle".');
        Operations::named('juggle');
    }

    /** By what its ways ask: a sole by the board and its tolerance, teeth by stock and depth, a brace by its bit. */
    public function test_which_numbers_an_operation_is_decided_by(): void
    {
        $facts = static fn (Condition $condition): array => FactsOf::operation(new Operation(
            'own',
            'own',
            'own',
            [new Way(['jack-plane'], 4, 3, 'done', conditions: [$condition])],
        ));
        self::assertSame([Fact::Length, Fact::Tolerance], $facts(When::soleReaches('jack-plane')));
        self::assertSame([Fact::Thickness, Fact::Depth], $facts(When::teethSuit('dovetail-saw')));
        self::assertSame([Fact::Diameter], $facts(When::sweepTurns('brace')));
        self::assertSame([Fact::Width], $facts(When::workAtMost(Fact::Width, 30.0)));
        self::assertSame([Fact::Gap], $facts(When::atLeast('dovetail-saw', 'depth', Fact::Gap)));
        self::assertSame([], $facts(When::hasNicker('rebate-plane')));
    }
}
