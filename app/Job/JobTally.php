<?php

declare(strict_types=1);

namespace App\Job;

use App\Pace\StepTime;
use Illuminate\Support\Carbon;
use JackRest\Desk\Job\JobStep;

/** What all that was done of a job comes to: undone in any order, it is what stands. */
final readonly class JobTally
{
    /**
     * @param  array<int, int>  $done  parts, by step
     * @param  array<int, float>  $seconds  that they took, by step
     * @param  array<int, string>  $rests  until when a batch rests, ISO 8601, by batch
     */
    private function __construct(public array $done, public array $seconds, public array $rests, public bool $isMade)
    {
    }

    /**
     * @param  list<JobStep>  $plan
     * @param  array<StepTime>  $times
     * @param  string|null  $woodAt  when the wood is here, ISO 8601; null: it is
     */
    public static function of(array $plan, array $times, ?string $woodAt = null): self
    {
        $done = array_fill(0, count($plan), 0);
        $seconds = array_fill(0, count($plan), 0.0);
        $last = [];
        foreach ($times as $time) {
            $done[$time->step] += $time->units;
            $seconds[$time->step] += round(60 * $time->minutes, 1);
            $last[$time->step] = max($last[$time->step] ?? '', $time->timed_at);
        }
        $rests = [];
        $isMade = $plan !== [];
        foreach ($plan as $at => $step) {
            $isOver = $done[$at] >= $step->units;
            $isMade = $isMade && $isOver;
            if ($woodAt !== null) {
                $rests[$step->batch] ??= $woodAt;
            }
            if ($isOver && $step->restDays > 0 && isset($last[$at])) {
                $until = Carbon::parse($last[$at])->addMinutes((int) (1440 * $step->restDays))->toIso8601ZuluString();
                $rests[$step->batch] = max($rests[$step->batch] ?? '', $until);
            }
        }

        return new self($done, $seconds, $rests, $isMade);
    }
}
