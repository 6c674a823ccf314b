<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Job\EdgeWear;
use JackRest\Core\Job\JobPlan;
use JackRest\Core\Job\JobRow;
use JackRest\Core\Job\JobTask;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Job\Route;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Patterns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JobPlanTest extends TestCase
{
    private const KINDS = [
        'hook-rule', 'rip-handsaw', 'saw-bench', 'carcase-saw', 'bench-hook', 'scrub-plane', 'try-plane',
        'straightedge', 'winding-sticks', 'try-square', 'marking-knife', 'fore-plane', 'jack-plane', 'marking-gauge',
        'shooting-board', 'dovetail-template', 'dividers', 'dovetail-saw', 'bench-vice', 'fret-saw', 'bench-chisel',
        'mallet', 'moving-fillister', 'clamps', 'smoothing-plane', 'waterstones',
    ];

    public function test_ten_hives_go_through_each_setting_together(): void
    {
        $plan = JobPlan::of(self::tasks(), 10, 10);
        self::assertSame(
            27 * 1,
            count($plan->rows),
            'each step once, for all ten',
        );
        $byId = self::units($plan->rows);
        self::assertSame([40, 40, 10], [$byId['saw-dovetail tails'], $byId['flatten'], $byId['assemble']]);
        self::assertTrue($plan->sequence->isProven());
        $byBatches = JobPlan::of(self::tasks(), 10, 4);
        self::assertSame($byId, self::units($byBatches->rows), 'three batches, of four, four and two');
        self::assertSame($plan->units(), $byBatches->units());
        self::assertGreaterThan(900, $plan->units());
        self::assertGreaterThan($plan->sequence->changes, $byBatches->sequence->changes);
        // Gauging is set up anew in each batch, nothing else takes longer.
        self::assertGreaterThanOrEqual($plan->minutes(), $byBatches->minutes());
    }

    public function test_minutes_are_each_part_and_what_is_set_up(): void
    {
        foreach (JobPlan::of(self::tasks(1.5), 3, 2)->rows as $row) {
            $way = $row->task->coverage->best->way ?? self::fail('there is a way');
            self::assertEqualsWithDelta(
                1.5 * $way->minutes * $row->units + ($row->isSet ? $way->setUp : 0.0),
                $row->minutes,
                1e-9,
            );
        }
    }

    /** @return iterable<string, array{float, float}> minutes left, minutes fresh */
    public static function edges(): iterable
    {
        yield 'sharp' => [1000.0, 1000.0];
        yield 'half way' => [40.0, 75.0];
        yield 'blunt already' => [0.0, 60.0];
        yield 'does not last for one part' => [1.0, 1.0];
    }

    #[DataProvider('edges')]
    public function test_an_edge_is_honed_before_it_is_as_likely_blunt_as_not(float $left, float $fresh): void
    {
        $tasks = self::tasks();
        $bare = JobPlan::of($tasks, 4, 2);
        $plan = JobPlan::of($tasks, 4, 2, [], ['bench-chisel' => new EdgeWear($left, $fresh, 9.0)]);
        self::assertEqualsCanonicalizing(self::units($bare->rows), self::units($plan->rows), 'all of it is done');
        $worked = 0.0;
        $may = $left;
        $honings = 0;
        foreach ($plan->rows as $row) {
            if ($row->hone !== null) {
                self::assertSame([9.0, 0], [$row->minutes, $row->units]);
                $honings++;
                $worked = 0.0;
                $may = $fresh;

                continue;
            }
            $minutes = in_array('bench-chisel', $row->task?->edgeTools() ?? [], true)
                ? ($row->task?->share() ?? 0.0) * $row->each() * $row->units
                : 0.0;
            $worked += $minutes;
            $each = $row->units > 0 ? $minutes / $row->units : 0.0;
            self::assertTrue($minutes === 0.0 || $worked <= max($may, $each) + 1e-6, "$worked of $may min");
        }
        self::assertEqualsWithDelta($bare->minutes() + 9.0 * $honings, $plan->minutes(), 1e-6);
        self::assertSame($left > 900, $honings === 0);
    }

    public function test_a_saw_beside_the_chisel_takes_its_half(): void
    {
        foreach (self::tasks() as $task) {
            match ($task->route->id) {
                'clear-waste tails' => self::assertSame([['bench-chisel'], 0.5], [$task->edgeTools(), $task->share()]),
                'chop-across tails' => self::assertSame([['bench-chisel'], 1.0], [$task->edgeTools(), $task->share()]),
                'saw-dovetail tails' => self::assertSame([], $task->edgeTools()),
                default => null,
            };
        }
    }

    public function test_numbers_that_cannot_be_are_refused(): void
    {
        try {
            JobPlan::of([...self::tasks(), ...self::tasks(), ...self::tasks()], 1, 1);
            self::fail('more steps than can be ordered');
        } catch (InvalidInput $refused) {
            self::assertSame('pieces', $refused->errors[0]->field);
        }
        $wrong = [[0, 1, 'pieces'], [101, 1, 'pieces'], [3, 0, 'batch'], [3, 4, 'batch']];
        foreach ($wrong as [$pieces, $batch, $field]) {
            try {
                JobPlan::of(self::tasks(), $pieces, $batch);
                self::fail('it was taken');
            } catch (InvalidInput $refused) {
                self::assertSame($field, $refused->errors[0]->field);
            }
        }
    }

    /** @return list<JobTask> */
    private static function tasks(float $pace = 1.0): array
    {
        $hands = array_map(
            static fn (string $kind): ToolAtHand => new ToolAtHand($kind, $kind, $kind, $kind === 'bench-chisel'
                ? ['width' => 6.0]
                : []),
            self::KINDS,
        );
        $coverage = new Coverage(new ToolsAtHand($hands), new School());
        $pattern = Patterns::named('dovetailed-box');
        $usual = [];
        foreach ($pattern->measures as $measure) {
            $usual[$measure->name] = $measure->usual;
        }

        return array_map(
            static fn ($step): JobTask => new JobTask($step, $coverage->of($step->task), pace: $pace),
            Route::of($pattern->tasks($usual, Hardness::Soft), PartCount::usual($pattern->id)),
        );
    }

    /**
     * @param  list<JobRow>  $rows
     * @return array<string, int> parts by step
     */
    private static function units(array $rows): array
    {
        $units = [];
        foreach ($rows as $row) {
            if ($row->task !== null) {
                $units[$row->task->route->id] = ($units[$row->task->route->id] ?? 0) + $row->units;
            }
        }

        return $units;
    }
}
