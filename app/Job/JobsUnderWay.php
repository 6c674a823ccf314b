<?php

declare(strict_types=1);

namespace App\Job;

use App\Bench\Bench;
use App\Pace\StepTime;
use Illuminate\Support\Carbon;
use JackRest\Desk\Job\JobWords;

/** The jobs of a bench that are not finished: what of them can be done now, and the days they come to. */
final readonly class JobsUnderWay
{
    /** @param  list<array{WorkJob, JobStanding}>  $jobs */
    private function __construct(private array $jobs, private string $now)
    {
    }

    public static function of(Bench $bench): self
    {
        $now = Carbon::now()->toIso8601ZuluString();
        $open = WorkJob::of($bench)->with('work', 'times')->oldest('id')->get()
            ->filter(static fn (WorkJob $job): bool => $job->state === WorkJob::RUNNING);
        $paces = $open->isEmpty() ? [] : StepTime::paces($bench);

        return new self(array_values(
            $open->map(static fn (WorkJob $job): array => [$job, new JobStanding($job, $paces, $now)])->all(),
        ), $now);
    }

    /** @return list<array{WorkJob, JobStanding}> of which something can be done, and at which nobody is working */
    public function atHand(): array
    {
        return array_values(array_filter(
            $this->jobs,
            static fn (array $one): bool => ! $one[1]->isHeld() && $one[0]->running() === null,
        ));
    }

    /** @return list<array{string, string, string, string}> key, ISO date, what, why */
    public function days(): array
    {
        $days = [];
        foreach ($this->jobs as [$job, $standing]) {
            foreach ($job->rests as $batch => $until) {
                if ($until > $this->now) {
                    $which = $job->batch < $job->pieces ? ', batch '.((int) $batch + 1) : '';
                    $days[] = [
                        "job-{$job->id}-rest-$batch",
                        substr($until, 0, 10),
                        "{$job->name}$which: ".JobWords::restIsOver($standing->restedFor((int) $batch)),
                        'It can be gone on with.',
                    ];
                }
            }
            if (! $standing->isForeseen()) {
                continue;
            }
            $days[] = ["job-{$job->id}", $standing->end, "{$job->name}: done by the plan",
                'At the hours a week that were planned.'];
        }

        return $days;
    }
}
