<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Job\JobTimeline;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class JobTimelineTest extends TestCase
{
    public function test_hours_a_week_make_days(): void
    {
        // 5 h a week are 300/7 minutes a day: 300 minutes take a week.
        self::assertEqualsWithDelta(7.0, JobTimeline::of([[0, 120.0, 0.0], [0, 180.0, 0.0]], 300 / 7)->days, 1e-9);
    }

    public function test_while_one_batch_dries_the_next_is_gone_on_with(): void
    {
        $lines = [[0, 60.0, 1.0], [0, 60.0, 0.0], [1, 60.0, 1.0], [1, 60.0, 0.0]];
        $timeline = JobTimeline::of($lines, 60.0);
        // Glued on day 1; the next batch on day 2; the first is cleaned on day 3, the second on day 4.
        self::assertSame([1.0, 3.0, 2.0, 4.0], $timeline->ends);
        // Alone, it waits.
        self::assertSame([1.0, 3.0], JobTimeline::of(array_slice($lines, 0, 2), 60.0)->ends);
    }

    public function test_what_rests_already_is_waited_for(): void
    {
        self::assertSame([2.5], JobTimeline::of([[0, 60.0, 0.0]], 60.0, [0 => 1.5])->ends);
        self::assertSame([], JobTimeline::of([], 60.0)->ends);
        $this->expectException(InvalidInput::class);
        JobTimeline::of([], 0.0);
    }

    /** Never quicker than the work itself, never slower than one after the other with every rest. */
    public function test_it_lies_between_the_work_and_the_work_with_every_rest(): void
    {
        $dice = new Randomizer(new Mt19937(4));
        for ($trial = 0; $trial < 200; $trial++) {
            $lines = [];
            foreach (range(1, $dice->getInt(1, 12)) as $ignored) {
                $rest = (float) [0, 0, 0, 2][$dice->getInt(0, 3)];
                $lines[] = [$dice->getInt(0, 3), (float) $dice->getInt(1, 90), $rest];
            }
            $timeline = JobTimeline::of($lines, 30.0);
            $work = array_sum(array_column($lines, 1)) / 30;
            self::assertGreaterThanOrEqual($work - 1e-9, $timeline->days);
            self::assertLessThanOrEqual($work + array_sum(array_column($lines, 2)) + 1e-9, $timeline->days);
            foreach ($lines as $index => [$batch, $minutes]) {
                foreach (array_slice($lines, 0, $index) as $before => [$other, , $rest]) {
                    if ($other === $batch) {
                        self::assertGreaterThanOrEqual(
                            $timeline->ends[$before] + $rest + $minutes / 30 - 1e-9,
                            $timeline->ends[$index],
                        );
                    }
                }
            }
        }
    }
}
