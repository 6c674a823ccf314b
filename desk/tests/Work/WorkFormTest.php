<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Work;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use JackRest\Desk\Work\WorkForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** As it is typed and said. */
final class WorkFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(string $pattern, array $typed): WorkForm
    {
        return WorkForm::of(
            Patterns::named($pattern),
            $typed,
            Hardness::Soft,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /** @return array<string, Task> */
    private static function tasks(WorkForm $form): array
    {
        return array_column(
            array_map(static fn (Task $task): array => ['id' => $task->operation->id, 'task' => $task], $form->tasks),
            'task',
            'id',
        );
    }

    public function test_a_box_passes_its_numbers_on(): void
    {
        $tasks = self::tasks(
            self::form('dovetailed-box', ['thickness' => '18', 'pin' => '6', 'rebate' => '9', 'height' => '200']),
        );

        self::assertSame(['thickness' => 18.0, 'depth' => 18.0], $tasks['saw-dovetail']->facts->mm);
        self::assertSame(6.0, $tasks['clear-waste']->facts->get(Fact::Gap));
        self::assertSame(9.0, $tasks['rebate-along']->facts->get(Fact::Width));
        self::assertSame(200.0, $tasks['shoot-end']->facts->get(Fact::Width));
        self::assertSame(Hardness::Soft, $tasks['saw-dovetail']->facts->hardness);
    }

    public function test_no_rebate_asks_for_none(): void
    {
        self::assertArrayNotHasKey('rebate-along', self::tasks(self::form('dovetailed-box', ['rebate' => '0'])));
    }

    #[TestWith(['dovetailed-box', 'rebate', '22', 'The rebate must be less than the 22 mm of the board.'])]
    #[TestWith(['grooved-lid', 'groove', '12', null])]
    #[TestWith(['dovetailed-box', 'length', '5', 'Length: 60 mm to 2000 mm.'])]
    #[TestWith(['dovetailed-box', 'tails', '2.5', 'Type a whole number, such as 5.'])]
    #[TestWith(['tenoned-stand', 'mortise', '30', null])]
    public function test_what_cannot_be_gets_one_sentence(
        string $pattern,
        string $field,
        string $typed,
        ?string $error,
    ): void {
        $form = self::form($pattern, [$field => $typed]);
        self::assertSame($error, $form->form->readings[$field]->error);
        self::assertSame($error === null, $form->isSound());
        self::assertNotSame([], $form->tasks, 'the last good numbers are kept');
    }
}
