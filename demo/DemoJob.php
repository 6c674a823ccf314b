<?php

declare(strict_types=1);

namespace Demo;

use App\Bench\Bench;
use App\Job\JobPlanning;
use App\Job\WorkJob;
use App\Pace\StepTime;
use App\Work\Work;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Job\JobStep;
use RuntimeException;

/** A work that is being made on the demo bench: planned as it would be there, with times that are made up. */
final class DemoJob
{
    /** What steps took, as a share of what was planned; one after the other. Invented. */
    private const TOOK = [1.3, 0.9, 1.15, 1.4, 1.05, 1.2, 0.95, 1.25];

    /**
     * @param  array{
     *     work: string, figures: array<string, string>, wood: string, hones: bool, begun_on: string, batches: int,
     *     then: int,
     * }  $job  so many whole batches are done, and then so many steps of the next
     */
    public static function create(Bench $bench, array $job): void
    {
        $work = Work::of($bench)->get()->firstOrFail('name', $job['work']);
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $planned = new JobPlanning($bench, $work, $job['figures'], $job['wood'], $job['hones'], $format);
        $form = $planned->form;
        $steps = $planned->steps();
        if ($steps === []) {
            throw new RuntimeException('the demo’s job cannot be planned');
        }
        $took = [];
        foreach ($steps as $at => $step) {
            if ($step->batch < $job['batches'] || ($step->batch === $job['batches'] && $job['then']-- > 0)) {
                $took[$at] = $step->minutes * self::TOOK[$at % count(self::TOOK)];
            }
        }
        $made = WorkJob::of($bench)->create([
            'work_id' => $work->id,
            'name' => $planned->name(),
            'pieces' => $form->pieces(),
            'batch' => $form->batch(),
            'hours' => $form->minutesPerDay() * 7 / 60,
            'steps' => array_map(static fn (JobStep $step): array => $step->toArray(), $steps),
            'created_at' => "{$job['begun_on']}T17:30:00Z",
        ]);
        self::times($bench, $made, $steps, $took, $job['begun_on']);
    }

    /**
     * @param  list<JobStep>  $steps
     * @param  array<int, float>  $took  minutes, by step that is done
     */
    private static function times(Bench $bench, WorkJob $job, array $steps, array $took, string $begunOn): void
    {
        $minutes = 0.0;
        foreach ($took as $at => $real) {
            $minutes += $real;
            StepTime::of($bench)->create([
                'work_job_id' => $job->id,
                'step' => $at,
                'operation' => $steps[$at]->operation,
                'units' => $steps[$at]->units,
                'usual_minutes' => $steps[$at]->usual,
                'minutes' => round($real, 2),
                'timed_at' => Carbon::parse($begunOn)
                    ->addDays((int) ($minutes / ($job->hours * 60 / 7)))
                    ->toIso8601ZuluString(),
            ]);
        }
    }
}
