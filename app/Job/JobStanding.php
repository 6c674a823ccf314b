<?php

declare(strict_types=1);

namespace App\Job;

use Illuminate\Support\Carbon;
use JackRest\Core\Job\JobUse;
use JackRest\Core\Job\Pace;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Advice;
use JackRest\Desk\Count;
use JackRest\Desk\HowLong;
use JackRest\Desk\Job\JobDays;
use JackRest\Desk\Job\JobStep;
use JackRest\Desk\Job\JobUseWords;
use JackRest\Desk\Job\JobWords;

/** Where a job stands at a moment: what is next, what rests, when the rest of it comes, planned beside real. */
final readonly class JobStanding
{
    /** Steps that are taken to the bench in one go. */
    private const SITTING = 12;

    /** @var list<JobStep> */
    public array $plan;

    /** @var array<int, string> ISO date by step that is not done */
    public array $days;

    /** ISO date when all of it is done. */
    public string $end;

    /** @param  array<string, Pace>  $paces  by operation, as they are now */
    public function __construct(
        private WorkJob $job,
        array $paces,
        private string $now,
        LengthUnit $unit = LengthUnit::Millimetre,
    ) {
        $this->plan = $job->plan($unit);
        $left = $job->left($this->plan);
        $minutes = [];
        foreach ($left as $at => $step) {
            $own = isset($paces[$step->operation]) && $step->minutes > 0
                ? $paces[$step->operation]->factor * $step->usual / $step->minutes
                : 1.0;
            $minutes[] = $own * $job->minutesLeft($at, $step);
        }
        $resting = [];
        foreach ($job->rests as $batch => $until) {
            $resting[(int) $batch] = max(0.0, Carbon::parse($now)->diffInMinutes(Carbon::parse($until), false) / 1440);
        }
        $days = JobDays::of(array_values($left), $minutes, 60 * $job->hours / 7, $resting, substr($now, 0, 10));
        $this->days = array_combine(array_keys($left), $days->ends);
        $this->end = $days->day;
    }

    /** done, begun, next, later or rests */
    public function stateOf(int $at): string
    {
        $step = $this->plan[$at];

        return match (true) {
            $this->job->isDone($at, $step) => 'done',
            $at === $this->first() => 'next',
            ($this->job->done[$at] ?? 0) > 0 => 'begun',
            $this->job->isResting($step->batch, $this->now) => 'rests',
            default => 'later',
        };
    }

    /**
     * What is done in one go: steps whose batch does not rest and waits for no tool, up to a dozen.
     *
     * @param  bool  $early  whether neither is waited for
     * @return list<int>
     */
    public function sitting(bool $early = false): array
    {
        $rows = $rests = [];
        foreach ($this->job->left($this->plan) as $at => $step) {
            $waits = ! $early && ($step->lacks || $this->job->isResting($step->batch, $this->now));
            if ($waits || isset($rests[$step->batch])) {
                $rests[$step->batch] = true;

                continue;
            }
            if (count($rows) === self::SITTING) {
                break;
            }
            $rows[] = $at;
            if ($step->restDays > 0) {
                $rests[$step->batch] = true;
            }
        }

        return $rows;
    }

    /** Minutes of the step that is next. */
    public function nextMinutes(): int
    {
        return (int) ceil($this->job->minutesLeft($this->first(), $this->plan[$this->first()]));
    }

    /** Whether something is left, and none of it can be done now. */
    public function isHeld(): bool
    {
        return $this->sitting() === [] && $this->job->left($this->plan) !== [];
    }

    /** Until when everything that is left rests; null: something can be done, all is, or it waits for a tool. */
    public function restsUntil(): ?string
    {
        $rests = array_column($this->rests(), 1);

        return $this->isHeld() && $rests !== [] ? min($rests) : null;
    }

    /** Share of the planned minutes that is done; what there is no tool for has none, and is still left. */
    public function share(): float
    {
        $all = $done = 0.0;
        foreach ($this->plan as $at => $step) {
            $all += $step->minutes;
            $done += $step->minutes - $this->job->minutesLeft($at, $step);
        }

        return $this->job->left($this->plan) === [] ? 1.0 : min(0.99, $all > 0 ? $done / $all : 0.0);
    }

    /** @return array<string, array{float, float}> minutes planned for what is done, and those timed of it, by phase */
    public function phases(): array
    {
        $phases = [];
        foreach ($this->plan as $at => $step) {
            $done = $step->minutes - $this->job->minutesLeft($at, $step);
            if ($done > 0) {
                $sum = $phases[$step->phase->label()] ?? [0.0, 0.0];
                $phases[$step->phase->label()] = [$sum[0] + $done, $sum[1] + ($this->job->seconds[$at] ?? 0.0) / 60];
            }
        }

        return $phases;
    }

    public function next(): Advice
    {
        $first = $this->first();
        $until = $this->restsUntil();
        if ($this->job->state === WorkJob::MADE) {
            return new Advice('It is made.', $this->job->gap_mm === null && $this->job->found === ''
                ? 'Look at the joints: write down the widest gap, and what you would do otherwise.'
                : 'What you found stands below; the next one begins with your own pace.');
        }
        if ($until !== null && $this->restedFor($this->plan[$first]->batch) === '') {
            return new Advice('Its wood is to come on '.Carbon::parse($until)->format('j F').'.', 'If it is here '.
                'already, go on all the same.');
        }
        if ($until !== null) {
            return new Advice('Let it rest until '.Carbon::parse($until)->format('j F, H:i').'.', 'It waits for '.
                $this->waitsFor().'.');
        }
        $step = $this->plan[$first];
        if ($this->isHeld()) {
            return new Advice(
                "It waits for a tool: {$step->title}.",
                "{$step->says} If it is done already, tick it off.",
            );
        }
        $left = $step->units - ($this->job->done[$first] ?? 0);

        return new Advice(
            JobWords::howOften($step->title, $left, $step->part).'.',
            trim(($step->setting === '' ? '' : ucfirst($step->setting).'. ').($step->tools === ''
                ? $step->says
                : "With the $step->tools.")),
        );
    }

    /** Whether it is known how long the rest takes: there is a way to do each step. */
    public function isForeseen(): bool
    {
        $lacking = array_filter($this->job->left($this->plan), static fn (JobStep $step): bool => $step->lacks);

        return $lacking === [];
    }

    /** @return list<string> */
    public function lines(): array
    {
        $lines = [];
        if ($this->job->state !== WorkJob::MADE) {
            $left = array_values($this->job->left($this->plan));
            $by = JobDays::reached($this->job->work->due_on, $this->end, $left, array_values($this->days),
                $this->job->pieces, $this->job->batch);
            $day = Carbon::parse($this->end)->format('j F');
            $lines = $this->isForeseen()
                ? ["By the plan it is done on $day.", ...$by === null ? [] : [$by]]
                : ['A tool is lacking for some of it, so no finishing day can be given.'];
        }
        $timed = $planned = 0.0;
        foreach ($this->phases() as [$minutes, $took]) {
            $planned += $took > 0 ? $minutes : 0.0;
            $timed += $took;
        }
        if ($timed > 0 && $planned > 0) {
            $lines[] = 'Timed so far: '.HowLong::of($timed).', where '.HowLong::of($planned).
                ' were planned.';
        }

        [$worked, $honings] = $this->edges();

        return $worked < 1 ? $lines : [...$lines, 'Its edges have worked '.HowLong::of($worked).
            ($honings > 0 ? ' and were honed '.Count::of($honings, 'time').'.' : '.')];
    }

    /** @return array{float, int} minutes that edges have worked, and how often one was honed on the way */
    private function edges(): array
    {
        $worked = 0.0;
        $honings = 0;
        foreach ($this->plan as $at => $step) {
            $done = $step->minutes - $this->job->minutesLeft($at, $step);
            $timed = ($this->job->seconds[$at] ?? 0.0) / 60;
            $worked += array_sum($step->edges) * (Pace::isTimed($done, $timed) ? $timed : $done);
            $honings += $step->hone !== null && $this->job->isDone($at, $step) ? 1 : 0;
        }

        return [$worked, $honings];
    }

    /** @return list<array{string, string}> what waits for what, until when (ISO 8601); the soonest first */
    public function rests(): array
    {
        $rests = [];
        foreach ($this->job->left($this->plan) as $step) {
            if ($this->job->isResting($step->batch, $this->now)) {
                $rests[$step->batch] = [
                    ($this->job->batch < $this->job->pieces ? 'Batch '.($step->batch + 1) : ucfirst($this->job->name)).
                        ' waits for '.JobWords::waitsFor($this->restedFor($step->batch)),
                    $this->job->rests[$step->batch],
                ];
            }
        }
        usort($rests, static fn (array $one, array $other): int => $one[1] <=> $other[1]);

        return $rests;
    }

    /** What was used up by what is done. */
    public function use(): JobUse
    {
        $days = [];
        foreach ($this->job->times as $time) {
            $days[$time->step] = substr($time->timed_at, 0, 10);
        }
        $done = array_filter(
            $this->plan,
            fn (JobStep $step, int $at): bool => $this->job->isDone($at, $step),
            ARRAY_FILTER_USE_BOTH,
        );

        return JobUseWords::of($done, array_map(
            static fn (int $at): ?string => $days[$at] ?? null,
            array_keys($done),
        ));
    }

    private function first(): int
    {
        return $this->sitting()[0] ?? $this->sitting(true)[0] ?? 0;
    }

    /** After which operation a batch rests now: the last that is done of those it rests after; empty: none is. */
    public function restedFor(int $batch): string
    {
        $after = '';
        foreach ($this->plan as $at => $step) {
            $isOver = $step->batch === $batch && $step->restDays > 0 && $this->job->isDone($at, $step);
            $after = $isOver ? $step->operation : $after;
        }

        return $after;
    }

    private function waitsFor(): string
    {
        foreach (array_keys($this->job->rests) as $batch) {
            if ($this->job->isResting((int) $batch, $this->now)) {
                return JobWords::waitsFor($this->restedFor((int) $batch));
            }
        }

        return JobWords::waitsFor('');
    }
}
