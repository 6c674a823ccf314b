<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use InvalidArgumentException;
use JackRest\Core\Job\Sequence;
use JackRest\Core\Job\SequenceStep;
use JackRest\Core\Job\SequenceTask;
use JackRest\Core\Setting\GaugePlan;
use JackRest\Core\Tests\Truing\Glpsol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The order of a job against trying every order, against GLPK, and by what must be so of any. */
final class SequenceTest extends TestCase
{
    public function test_what_wants_one_setting_is_done_together(): void
    {
        $sequence = Sequence::of([
            new SequenceTask('gauge tails', tool: 'gauge', setting: '22'),
            new SequenceTask('saw tails', ['gauge tails'], 'saw'),
            new SequenceTask('gauge pins', tool: 'gauge', setting: '22'),
            new SequenceTask('saw pins', ['saw tails', 'gauge pins'], 'saw'),
        ]);
        self::assertSame(['gauge tails', 'gauge pins', 'saw tails', 'saw pins'], self::names($sequence));
        self::assertSame([1, 2, true], [$sequence->settings, $sequence->changes, $sequence->isProven()]);
    }

    /** The second batch begins with the setting the first ended with; common sense. */
    public function test_a_setting_is_kept_from_batch_to_batch(): void
    {
        $tasks = [
            new SequenceTask('rebate', tool: 'fillister', setting: '11'),
            new SequenceTask('groove', tool: 'fillister', setting: '6'),
        ];
        $sequence = Sequence::of($tasks, 2);
        self::assertSame(3, $sequence->settings, 'rebate, groove, groove, rebate');
        self::assertSame(2, Sequence::of($tasks, 2, ['fillister' => 2])->settings);
        self::assertSame(4, Sequence::of([$tasks[0], new SequenceTask('groove', ['rebate'], 'fillister', '6')], 2)
            ->settings, 'where the groove must follow');
    }

    public function test_circles_strangers_and_doubles_are_refused(): void
    {
        $wrong = [
            [new SequenceTask('a', ['b']), new SequenceTask('b', ['a'])],
            [new SequenceTask('a', ['c'])],
            [new SequenceTask('a'), new SequenceTask('a')],
            array_map(static fn (int $number): SequenceTask => new SequenceTask("t$number"), range(0, Sequence::MOST)),
        ];
        foreach ($wrong as $tasks) {
            try {
                Sequence::of($tasks);
                self::fail('it was taken');
            } catch (InvalidArgumentException) {
                $this->addToAssertionCount(1);
            }
        }
        self::assertSame([], Sequence::of([])->steps);
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield $seed => [$seed];
        }
    }

    /** Every order that can be, the settings of each counted by the plan of gauges, which is exact for an order. */
    #[DataProvider('seeds')]
    public function test_no_order_is_better(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $batches = $dice->getInt(1, 2);
        $tasks = self::tasks($dice, $batches === 1 ? $dice->getInt(1, 6) : $dice->getInt(1, 4));
        $copies = [7 => $dice->getInt(1, 2), 8 => 1];
        $sequence = Sequence::of($tasks, $batches, $copies);
        self::assertSame(self::best($tasks, $batches, $copies), [$sequence->settings, $sequence->changes]);
        self::assertTrue($sequence->isProven());
        self::isWhatItSays($sequence, $tasks, $batches, $copies);
    }

    /** GLPK (Debian glpk-utils) on the same as an integer program: places, what is in the hand, what is set. */
    public function test_glpk_finds_none_better(): void
    {
        foreach ([[7, 1], [5, 2], [8, 1], [4, 3]] as $seed => [$count, $batches]) {
            $dice = new Randomizer(new Mt19937(900 + $seed));
            $tasks = self::tasks($dice, $count);
            $sequence = Sequence::of($tasks, $batches, [7 => 1]);
            $cost = 100 * $sequence->settings + $sequence->changes;
            self::assertEqualsWithDelta(
                Glpsol::leastOfChoices(...OrderProgram::of($tasks, $batches)),
                (float) $cost,
                1e-6,
                "seed $seed",
            );
        }
    }

    #[DataProvider('seeds')]
    public function test_large_jobs_are_in_order_and_their_bound_is_honest(int $seed): void
    {
        $dice = new Randomizer(new Mt19937(7000 + $seed));
        $tasks = self::tasks($dice, 18);
        $sequence = Sequence::of($tasks, 4, [7 => 2]);
        self::isWhatItSays($sequence, $tasks, 4, [7 => 2]);
        self::assertLessThanOrEqual(
            [$sequence->settings, $sequence->changes],
            [$sequence->leastSettings, $sequence->leastChanges],
        );
        // Fewer batches never ask for more.
        self::assertLessThanOrEqual(
            $sequence->settings,
            Sequence::of($tasks, 3, [7 => 2])->leastSettings,
        );
    }

    /** Sixty tasks of which most can be done in any order: stopped, with an order that can be and a bound below it. */
    public function test_what_is_too_much_to_prove_is_stopped_honestly(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        $tasks = [];
        for ($index = 0; $index < Sequence::MOST; $index++) {
            $after = $index >= 5 ? ['t'.($index - 5)] : [];
            $tool = ['7', '8', 'c'][$dice->getInt(0, 2)];
            $tasks[] = new SequenceTask("t$index", $after, $tool, $tool === 'c' ? '' : (string) $dice->getInt(1, 9));
        }
        $sequence = Sequence::of($tasks, 2);
        self::assertFalse($sequence->isProven());
        self::isWhatItSays($sequence, $tasks, 2, []);
        self::assertLessThan($sequence->settings, $sequence->leastSettings);
    }

    /** @return list<SequenceTask> that follow each other somehow, with a few tools and settings */
    private static function tasks(Randomizer $dice, int $count): array
    {
        $tasks = [];
        for ($index = 0; $index < $count; $index++) {
            $after = [];
            for ($before = 0; $before < $index; $before++) {
                if ($dice->getInt(1, 3) === 1) {
                    $after[] = "t$before";
                }
            }
            $tool = ['7', '8', 'c', ''][$dice->getInt(0, 3)];
            $setting = in_array($tool, ['7', '8'], true) ? ['', '1', '2', '3'][$dice->getInt(0, 3)] : '';
            $tasks[] = new SequenceTask("t$index", $after, $tool, $setting);
        }

        return $tasks;
    }

    /**
     * @param  list<SequenceTask>  $tasks
     * @param  array<int, int>  $copies
     * @return array{int, int}
     */
    private static function best(array $tasks, int $batches, array $copies): array
    {
        $best = [PHP_INT_MAX, PHP_INT_MAX];
        foreach (self::orders($tasks, $batches, []) as $order) {
            $best = min($best, self::cost($order, $copies));
        }

        return $best;
    }

    /**
     * @param  list<SequenceTask>  $tasks
     * @param  list<SequenceTask>  $begun
     * @return iterable<list<SequenceTask>>
     */
    private static function orders(array $tasks, int $batches, array $begun): iterable
    {
        if (count($begun) === $batches * count($tasks)) {
            yield $begun;

            return;
        }
        $ofBatch = array_slice($begun, intdiv(count($begun), count($tasks)) * count($tasks));
        $done = array_map(static fn (SequenceTask $task): string => $task->id, $ofBatch);
        foreach ($tasks as $task) {
            if (! in_array($task->id, $done, true) && array_diff($task->after, $done) === []) {
                yield from self::orders($tasks, $batches, [...$begun, $task]);
            }
        }
    }

    /**
     * @param  list<SequenceTask>  $order
     * @param  array<int, int>  $copies
     * @return array{int, int}
     */
    private static function cost(array $order, array $copies): array
    {
        $settings = $changes = 0;
        $hand = '';
        $uses = [];
        foreach ($order as $task) {
            $changes += $task->tool !== '' && $task->tool !== $hand ? 1 : 0;
            $hand = $task->tool === '' ? $hand : $task->tool;
            if ($task->setting !== '') {
                $uses[$task->tool][] = $task->setting;
            }
        }
        foreach ($uses as $tool => $wanted) {
            $settings += GaugePlan::of($wanted, $copies[$tool] ?? 1)->settings;
        }

        return [$settings, $changes];
    }

    /**
     * @param  list<SequenceTask>  $tasks
     * @param  array<int, int>  $copies
     */
    private static function isWhatItSays(Sequence $sequence, array $tasks, int $batches, array $copies): void
    {
        $byId = array_combine(array_map(static fn (SequenceTask $task): string => $task->id, $tasks), $tasks);
        $order = [];
        foreach ($sequence->steps as $index => $step) {
            self::assertSame(intdiv($index, count($tasks)), $step->batch);
            $done = array_map(
                static fn (SequenceStep $one): string => $one->task,
                array_slice($sequence->steps, $step->batch * count($tasks), $index - $step->batch * count($tasks)),
            );
            self::assertSame([], array_diff($byId[$step->task]->after, $done), 'what it follows is done');
            self::assertNotContains($step->task, $done);
            $order[] = $byId[$step->task];
        }
        self::assertCount($batches * count($tasks), $order);
        self::assertSame([$sequence->settings, $sequence->changes], [
            count(array_filter($sequence->steps, static fn (SequenceStep $step): bool => $step->isSet)),
            count(array_filter($sequence->steps, static fn (SequenceStep $step): bool => $step->isFetched)),
        ]);
        if ($sequence->isProven()) {
            self::assertSame(self::cost($order, $copies), [$sequence->settings, $sequence->changes]);
        }
    }

    /** @return list<string> */
    private static function names(Sequence $sequence): array
    {
        return array_map(static fn (SequenceStep $step): string => $step->task, $sequence->steps);
    }
}
