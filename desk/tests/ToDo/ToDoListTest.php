<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\ToDo;

use JackRest\Desk\ToDo\Chore;
use JackRest\Desk\ToDo\ChoreKind;
use JackRest\Desk\ToDo\ToDoList;
use PHPUnit\Framework\TestCase;

final class ToDoListTest extends TestCase
{
    private static function chore(ChoreKind $kind, ?int $minutes): Chore
    {
        return new Chore($kind, '1', 'Do it.', 'It wants doing.', $minutes);
    }

    public function test_tools_to_get_cost_no_minutes_at_the_bench(): void
    {
        $readiness = new ToDoList('hive bodies', [
            self::chore(ChoreKind::GetTool, null),
            self::chore(ChoreKind::SharpenEdge, 4),
            self::chore(ChoreKind::TestReference, 5),
        ]);

        self::assertSame(9, $readiness->minutes());
        self::assertSame(
            'Before the hive bodies: one tool to get, and two things to see to, about nine minutes.',
            $readiness->sentence(),
        );
    }

    /** A tool that is made takes time at the bench; what lies beyond the budget is no tool to get. */
    public function test_making_is_told_from_buying_and_its_minutes_are_in_the_sum(): void
    {
        self::assertSame(
            'Before the lids: two tools to get or make, and one thing to see to, about 24 minutes in all.',
            (new ToDoList('lids', [
                self::chore(ChoreKind::GetTool, null),
                self::chore(ChoreKind::GetTool, 20),
                new Chore(ChoreKind::BudgetEnds, 'ladder', 'Your budget ends here.', '', null, 0),
                self::chore(ChoreKind::SharpenEdge, 4),
            ]))->sentence(),
        );
    }

    public function test_one_thing_and_one_minute_are_said_in_the_singular(): void
    {
        self::assertSame(
            'Before the lids: one thing to see to, about one minute.',
            (new ToDoList('lids', [self::chore(ChoreKind::SharpenEdge, 1)]))->sentence(),
        );
    }

    /** What is being made comes before what would be made next, and costs no minute of what comes before work. */
    public function test_a_work_under_way_is_gone_on_with_first(): void
    {
        $job = new Chore(ChoreKind::GoOnWithJob, '3', 'Go on with ten stools.', 'Saw the tenons, 40 ends.', 90);
        $list = new ToDoList('lids', [$job, self::chore(ChoreKind::SharpenEdge, 4)]);
        self::assertSame('Saw the tenons, 40 ends.', $list->sentence());
        self::assertSame('Go on with ten stools. Before the lids: one thing to see to, about four minutes.', $list->why(
            'With what hangs here it would be rough.',
        ));
        self::assertSame(4, $list->minutes());
        $alone = new ToDoList('lids', [$job]);
        self::assertTrue($alone->isReady());
        self::assertSame('Go on with ten stools. Ready for the lids.', $alone->why(null));
        self::assertSame('Go on with ten stools.', (new ToDoList(null, [$job]))->why(null));
        self::assertStringStartsWith('Rough. In the order', (new ToDoList('lids', [
            self::chore(ChoreKind::SharpenEdge, 1),
        ]))->why('Rough.'));
        self::assertStringStartsWith('Every tool is at hand', (new ToDoList('lids', []))->why(null));
        self::assertStringStartsWith('Begin with', (new ToDoList(null, []))->why(null));
    }

    public function test_nothing_to_do_is_ready(): void
    {
        self::assertSame('Ready for the lids.', (new ToDoList('lids', []))->sentence());
    }
}
