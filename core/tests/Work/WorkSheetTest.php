<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Work;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\FactsOf;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Step;
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
}
