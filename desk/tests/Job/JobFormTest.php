<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Job;

use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Stock;
use JackRest\Core\Job\Craft;
use JackRest\Core\Job\EdgeWear;
use JackRest\Core\Job\Honing;
use JackRest\Core\Job\JobPart;
use JackRest\Core\Job\Pace;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Job\Phase;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use JackRest\Desk\HowLong;
use JackRest\Desk\Job\JobAsk;
use JackRest\Desk\Job\JobDays;
use JackRest\Desk\Job\JobEdge;
use JackRest\Desk\Job\JobForm;
use JackRest\Desk\Job\JobHands;
use JackRest\Desk\Job\JobLines;
use JackRest\Desk\Job\JobStep;
use JackRest\Desk\Job\JobUseWords;
use JackRest\Desk\Job\JobWords;
use JackRest\Desk\Job\StepSetting;
use PHPUnit\Framework\TestCase;

final class JobFormTest extends TestCase
{
    private const KINDS = ['1' => 'marking-gauge', '2' => 'dovetail-saw', '3' => 'bench-vice', '4' => 'coping-saw',
        '5' => 'bench-chisel', '6' => 'bench-chisel', '7' => 'mallet', '8' => 'marking-knife', '9' => 'dividers',
        '10' => 'waterstones', '11' => 'clamps'];

    public function test_every_step_has_a_check_of_its_own(): void
    {
        foreach (array_filter(array_keys(Operations::all()), Craft::isStep(...)) as $operation) {
            self::assertNotSame(JobWords::check('nothing'), JobWords::check($operation), $operation);
        }
    }

    public function test_settings_stand_at_their_side_and_not_with_a_tool_that_is_not_used(): void
    {
        $book = $this->form(['pieces' => '2'])->book ?? self::fail('planned');
        $by = [];
        foreach ($book->steps as $step) {
            $by[$step->title] = $step;
        }
        self::assertStringContainsString('22 mm', $by['Mark parallel to an edge: tails']->setting);
        self::assertStringContainsString('19 mm', $by['Mark parallel to an edge: pins']->setting);
        self::assertSame('', $by['Rebate along the grain']->setting, 'it has no plane, so no fence is set');
        self::assertStringContainsString('12 strokes with the brace', $by['Clear waste between saw cuts: tails']->says);
    }

    /** The 12 mm one does not pass between tails that leave 8 mm. */
    public function test_the_chisel_that_passes_between_tails_chops_there(): void
    {
        $book = $this->form([])->book ?? self::fail('planned');
        foreach ($book->steps as $step) {
            if (str_starts_with($step->title, 'Chop across') || str_starts_with($step->title, 'Clear waste')) {
                self::assertStringContainsString('6 mm chisel', $step->tools, $step->title);
                self::assertContains(6, $step->used);
            }
        }
    }

    public function test_what_cannot_be_done_is_said_first(): void
    {
        $form = $this->form([]);
        self::assertStringContainsString('Not all of it can be done yet', $form->next->says);
        self::assertNotSame([], $form->book?->lacking());
    }

    public function test_half_typed_and_impossible_figures_stand_beside_their_fields(): void
    {
        foreach (['pieces' => 'ten or so', 'batch' => '3', 'joints' => '0'] as $field => $typed) {
            $form = $this->form(['pieces' => '2', $field => $typed]);
            self::assertNull($form->book);
            self::assertNotNull($form->form->readings[$field]->error, $field);
        }
        self::assertSame('No more than are made.', $this->form(['pieces' => '2', 'batch' => '3'])
            ->form->readings['batch']->error);
    }

    public function test_lines_say_whose_pace_and_how_often_an_edge_is_honed(): void
    {
        $pace = Pace::of([[8.0, 16.0], [8.0, 16.0], [8.0, 16.0]]) ?? self::fail('learnt');
        $honing = new Honing(9, 0.05, 40, 20, 'fine paper');
        $edge = new JobEdge(6, '6 mm chisel', $honing);
        $own = new JobHands($this->coverage(), [], ['6' => new EdgeWear(20, 60, 9)], ['6' => $edge],
            ['saw-dovetail' => $pace]);
        $form = JobForm::of(['pieces' => '5'], JobForm::PLANED, true, $this->ask(), $own,
            new LengthFormatter(LengthUnit::Millimetre));
        $book = $form->book ?? self::fail('planned');
        $lines = implode(' ', JobLines::of($book, ['saw-dovetail' => $pace], []));
        self::assertStringContainsString('Your own pace for 1 of', $lines);
        self::assertMatchesRegularExpression(
            '/honed \d+ times on the way.*First: hone the 6 mm chisel after the /',
            $lines,
        );
        $use = JobUseWords::of($book->steps, array_fill(0, count($book->steps), '2026-11-02'));
        $words = new JobUseWords(new LengthFormatter(LengthUnit::Millimetre));
        $times = $use->honings;
        self::assertGreaterThan(1, $times);
        self::assertEqualsWithDelta(0.05 * $times, $use->steelMm, 1e-9);
        self::assertSame([40 * $times, 20 * $times, 1], array_map(
            $use->times(...),
            [Consumable::Paper, Consumable::Compound, Consumable::Blades],
        ));
        $sheets = LengthFormatter::decimal(40 * $times / 250, 1);
        $enough = $words->forecast($use, [new Stock(Consumable::Paper, 10, 0)]);
        self::assertStringContainsString("mm of steel, $sheets sheets of abrasive paper", $enough);
        self::assertStringContainsString('and 0.2 of a saw blade.', $enough);
        self::assertStringNotContainsString('not as much', $enough);
        self::assertStringEndsWith('There is not as much: 0 sheets of abrasive paper left.', $words->forecast($use, [
            new Stock(Consumable::Paper, 1, 250),
        ]));
        self::assertStringStartsWith('That took ', $words->taken($use));
        $bare = $this->form(['pieces' => '5'])->book ?? self::fail('planned');
        self::assertStringContainsString('Minutes are from memory', implode(' ', JobLines::of($bare, [], [])));
        $saw = static fn (JobStep $step): bool => $step->operation === 'saw-dovetail';
        $minutes = static fn (array $steps): float => array_sum(array_map(
            static fn (JobStep $step): float => $step->minutes,
            array_filter($steps, $saw),
        ));
        self::assertEqualsWithDelta(2 * $minutes($bare->steps), $minutes($book->steps), 1e-6);
    }

    public function test_what_names_its_part_already_is_told_how_often(): void
    {
        $told = ['Shoot an end, 32 times', 'Shoot an end, twice', 'Shoot an end', 'Saw the tails, 16 joints'];
        self::assertSame($told, [
            JobWords::howOften('Shoot an end', 32, JobPart::End),
            JobWords::howOften('Shoot an end', 2, JobPart::End),
            JobWords::howOften('Shoot an end', 1, JobPart::End),
            JobWords::howOften('Saw the tails', 16, JobPart::Joint),
        ]);
    }

    public function test_a_step_is_kept_whole(): void
    {
        $book = $this->form(['pieces' => '3', 'batch' => '2'])->book ?? self::fail('planned');
        foreach ($book->steps as $step) {
            $kept = json_decode((string) json_encode($step->toArray()), true);
            self::assertIsArray($kept);
            self::assertEquals($step, JobStep::fromArray($kept));
        }
    }

    public function test_days_say_what_is_done_by_a_date(): void
    {
        $steps = [self::step(0), self::step(1), self::step(2)];
        $days = JobDays::of($steps, [60.0, 60.0, 60.0], 60.0, [], '2026-11-02');
        self::assertSame(['2026-11-02', '2026-11-03', '2026-11-04'], $days->ends);
        self::assertNull($days->byDate(null, $steps, 5, 2));
        self::assertSame('Wanted by 4 November: all of it is done by then.', $days->byDate('2026-11-04', $steps, 5, 2));
        self::assertSame('Wanted by 3 November: 4 of 5 pieces are done by then.',
            $days->byDate('2026-11-03', $steps, 5, 2));
        self::assertSame('Wanted by 1 November: none is done by then.', $days->byDate('2026-11-01', $steps, 5, 2));
    }

    public function test_time_is_told_as_people_tell_it(): void
    {
        self::assertSame(['1 minute', '40 minutes', '1½ hours', '6½ hours', '31 hours'], array_map(
            HowLong::of(...),
            [0.2, 40.0, 95.0, 385.0, 1850.0],
        ));
    }

    /** @param  array<string, string>  $typed */
    private function form(array $typed): JobForm
    {
        return JobForm::of($typed, JobForm::ROUGH, true, $this->ask(), new JobHands($this->coverage()),
            new LengthFormatter(LengthUnit::Millimetre));
    }

    private function coverage(): Coverage
    {
        $tools = [];
        foreach (self::KINDS as $id => $kind) {
            $tools[] = new ToolAtHand((string) $id, $kind, $id === 6 ? '6 mm chisel' : $kind, $kind === 'bench-chisel'
                ? ['width' => $id === 6 ? 6.0 : 12.0]
                : []);
        }

        return new Coverage(new ToolsAtHand($tools), new School());
    }

    private function ask(): JobAsk
    {
        return new JobAsk(
            'hive bodies',
            self::tasks(),
            PartCount::usual('dovetailed-box'),
            [
                new StepSetting('mark-parallel tails', 'marking gauge', 'baseline', '22 mm', '22'),
                new StepSetting('mark-parallel pins', 'marking gauge', 'baseline', '19 mm', '19'),
                new StepSetting('rebate-along', 'moving fillister', 'fence', '11 mm'),
            ],
            ['clear-waste' => ['12 strokes with the brace.']],
        );
    }

    /** @return list<Task> */
    private static function tasks(): array
    {
        $pattern = Patterns::named('dovetailed-box');
        $usual = [];
        foreach ($pattern->measures as $measure) {
            $usual[$measure->name] = $measure->usual;
        }

        return $pattern->tasks($usual, Hardness::Soft);
    }

    private static function step(int $batch): JobStep
    {
        return new JobStep('Saw', '', '', 'saw-dovetail', Phase::Saw, JobPart::Joint, '', '', $batch, 4, 60.0, 60.0);
    }
}
