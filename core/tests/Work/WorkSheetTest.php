<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Work;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\FactsOf;
use JackRest\Core\Work\Hardness;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Step;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\WorkSheet;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WorkSheetTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function sheet(string $pattern, array $typed): WorkSheet
    {
        return WorkSheet::of(Patterns::named($pattern), $typed, Hardness::Soft, new LengthFormatter(LengthUnit::Millimetre));
    }

    /** @return array<string, Task> */
    private static function tasks(WorkSheet $sheet): array
    {
        return array_column(array_map(static fn (Task $task): array => ['id' => $task->operation->id, 'task' => $task], $sheet->tasks), 'task', 'id');
    }

    public function test_a_box_passes_its_numbers_on(): void
    {
        $tasks = self::tasks(self::sheet('dovetailed-box', ['thickness' => '18', 'pin' => '6', 'rebate' => '9', 'height' => '200']));

        self::assertSame(['thickness' => 18.0, 'depth' => 18.0], $tasks['saw-dovetail']->facts->mm);
        self::assertSame(6.0, $tasks['clear-waste']->facts->get(Fact::Gap));
        self::assertSame(9.0, $tasks['rebate-along']->facts->get(Fact::Width));
        self::assertSame(200.0, $tasks['shoot-end']->facts->get(Fact::Width));
        self::assertSame(Hardness::Soft, $tasks['saw-dovetail']->facts->hardness);
    }

    public function test_no_rebate_asks_for_none(): void
    {
        self::assertArrayNotHasKey('rebate-along', self::tasks(self::sheet('dovetailed-box', ['rebate' => '0'])));
    }

    #[TestWith(['dovetailed-box', 'rebate', '22', 'The rebate must be less than the 22 mm of the board.'])]
    #[TestWith(['grooved-lid', 'groove', '12', null])]
    #[TestWith(['dovetailed-box', 'length', '5', 'Length: 60 mm to 2000 mm.'])]
    #[TestWith(['dovetailed-box', 'tails', '2.5', 'Type a whole number, such as 5.'])]
    #[TestWith(['tenoned-stand', 'mortise', '30', null])]
    public function test_what_cannot_be_gets_one_sentence(string $pattern, string $field, string $typed, ?string $error): void
    {
        $sheet = self::sheet($pattern, [$field => $typed]);
        self::assertSame($error, $sheet->figures[$field]->error);
        self::assertSame($error === null, $sheet->isSound());
        self::assertNotSame([], $sheet->tasks, 'the last good numbers are kept');
    }

    public function test_a_step_of_ones_own(): void
    {
        $task = (new Step('groove', ['width' => 6.0], 4))->task(Hardness::Hard);
        self::assertSame(['groove', 6.0, 4, Hardness::Hard], [$task->operation->id, $task->facts->get(Fact::Width), $task->minGrade, $task->facts->hardness]);
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
        $facts = static fn (string $id): array => array_map(static fn (Fact $fact): string => $fact->value, FactsOf::operation(Operations::named($id)));
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
