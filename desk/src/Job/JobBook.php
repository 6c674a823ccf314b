<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Job\Craft;
use JackRest\Core\Job\Honing;
use JackRest\Core\Job\JobPart;
use JackRest\Core\Job\JobPlan;
use JackRest\Core\Job\JobRow;
use JackRest\Core\Job\JobTask;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Job\Phase;
use JackRest\Core\Job\Route;
use JackRest\Core\Job\RouteStep;
use JackRest\Core\Job\Sequence;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Kit\CoverageWords;

/** A job written out: every step with its tools, its setting, its strokes and its check. */
final readonly class JobBook
{
    /**
     * @param  list<JobStep>  $steps
     * @param  string|null  $firstHoning  where which edge is honed first; null: none is
     */
    private function __construct(public array $steps, public Sequence $sequence, public ?string $firstHoning)
    {
    }

    /** @throws InvalidInput */
    public static function of(
        JobAsk $ask,
        JobHands $hands,
        int $pieces,
        int $batch,
        PartCount $parts,
        bool $isPlaned,
        bool $hones,
        LengthFormatter $format,
    ): self {
        $tasks = self::withOneChisel(array_map(
            static fn (RouteStep $step): JobTask => self::task($step, $ask, $hands),
            Route::of($ask->tasks, $parts, $isPlaned),
        ));
        if ($tasks === []) {
            throw InvalidInput::because('pieces', 'nothing of this work is made at the bench');
        }
        $plan = JobPlan::of($tasks, $pieces, $batch, $hands->gauges, $hones ? $hands->wear : []);
        $steps = [];
        $first = null;
        $before = null;
        foreach ($plan->rows as $row) {
            if ($row->hone !== null) {
                $edge = $hands->edges[$row->hone] ?? new JobEdge(0, 'edge', Honing::usual());
                $steps[] = self::honing($row, $edge);
                $first ??= self::where($edge->name, $before, $row->batch, $steps);
            } elseif ($row->task !== null) {
                $before = $row;
                $steps[] = self::step($row, $row->task, $ask, $hands, $format);
            }
        }

        return new self($steps, $plan->sequence, $first);
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (JobStep $step): float => $step->minutes, $this->steps));
    }

    /** @return list<JobStep> those there is no way to do yet */
    public function lacking(): array
    {
        $lacking = [];
        foreach ($this->steps as $step) {
            if ($step->lacks) {
                $lacking[$step->operation] ??= $step;
            }
        }

        return array_values($lacking);
    }

    private static function task(RouteStep $step, JobAsk $ask, JobHands $hands): JobTask
    {
        $operation = $step->task->operation->id;
        $coverage = $hands->coverage->of($step->task);
        $settings = array_map(
            static fn (StepSetting $setting): string => $setting->key(),
            $ask->settingsOf($step->id, $operation, $coverage->best->way->kinds ?? []),
        );

        return new JobTask(
            isset($ask->rests[$operation]) ? self::resting($step, $ask->rests[$operation]) : $step,
            $coverage,
            implode(', ', $settings),
            $hands->paces[$operation]->factor ?? 1.0,
        );
    }

    /**
     * Between tails the chisel that clears the waste chops the floor, too: it is the one that passes there.
     *
     * @param  list<JobTask>  $tasks
     * @return list<JobTask>
     */
    private static function withOneChisel(array $tasks): array
    {
        $chisels = [];
        foreach ($tasks as $task) {
            $clears = $task->route->task->operation->id === 'clear-waste';
            foreach ($clears ? $task->coverage->best->tools ?? [] : [] as $tool) {
                $chisels[$tool->kind] ??= $tool;
            }
        }

        return array_map(static fn (JobTask $task): JobTask => $task->route->task->operation->id === 'chop-across'
            ? $task->with($chisels)
            : $task, $tasks);
    }

    private static function resting(RouteStep $step, float $days): RouteStep
    {
        $craft = $step->craft;

        return new RouteStep($step->id, $step->task, new Craft($craft->phase, $craft->strand, $craft->part, $days,
            $craft->place), $step->of, $step->times, $step->after);
    }

    private static function step(
        JobRow $row,
        JobTask $task,
        JobAsk $ask,
        JobHands $hands,
        LengthFormatter $format,
    ): JobStep {
        $route = $task->route;
        $operation = $route->task->operation->id;
        $best = $task->coverage->best;
        $edges = [];
        foreach ($task->edgeTools() as $tool) {
            if (isset($hands->edges[$tool])) {
                $edges[$hands->edges[$tool]->id] = $task->share();
            }
        }

        return new JobStep(
            JobWords::title($route),
            self::says($task, $ask, $format),
            JobWords::check($operation),
            $operation,
            $route->craft->phase,
            $route->craft->part,
            implode(', ', array_values(array_unique($best?->names() ?? []))),
            self::setting($ask->settingsOf($route->id, $operation, $best->way->kinds ?? [])),
            $row->batch,
            $row->units,
            $row->minutes,
            ($best->way->minutes ?? 0.0) * $row->units + ($row->isSet ? $best->way->setUp ?? 0.0 : 0.0),
            $row->isSet,
            $row->isFetched,
            $row->restDays(),
            null,
            $edges,
            array_values(array_map(intval(...), array_filter(
                array_map(static fn (ToolAtHand $tool): string => $tool->id, $best->tools ?? []),
                ctype_digit(...),
            ))),
            $best === null && ! $task->coverage->byMachine,
            takesBlades: $task->takesBlades(),
        );
    }

    /** How it is done with what hangs here, and what a better tool would save. */
    private static function says(JobTask $task, JobAsk $ask, LengthFormatter $format): string
    {
        $says = rtrim(ucfirst((new CoverageWords($format))->says($task->coverage)), '.').'.';
        $counted = $ask->counted[$task->route->task->operation->id] ?? [];

        return implode(' ', [$says, ...$counted]);
    }

    /** @param  list<StepSetting>  $settings */
    private static function setting(array $settings): string
    {
        return implode('; ', array_map(
            static fn (StepSetting $setting): string => $setting->says(),
            $settings,
        ));
    }

    private static function honing(JobRow $row, JobEdge $edge): JobStep
    {
        return new JobStep(
            "Hone the $edge->name",
            'By its own record it is as likely blunt as not by now. Its page knows stones and strokes.',
            'no light shines back from the edge',
            '',
            Phase::Prepare,
            JobPart::Piece,
            $edge->name,
            '',
            $row->batch,
            1,
            $row->minutes,
            $row->minutes,
            hone: $edge->id === 0 ? null : $edge->id,
            honing: $edge->honing,
        );
    }

    /** @param  list<JobStep>  $steps  up to the honing */
    private static function where(string $name, ?JobRow $before, int $batch, array $steps): string
    {
        if ($before === null || $before->task === null) {
            return "Hone the $name before you begin.";
        }
        $id = $before->task->route->task->operation->id;
        $done = array_sum(array_map(
            static fn (JobStep $step): int => $step->operation === $id && $step->batch === $batch ? $step->units : 0,
            $steps,
        ));
        $title = lcfirst(JobWords::title($before->task->route));

        $part = $before->task->route->craft->part->label();

        $which = $batch > 0 ? ', batch '.($batch + 1) : '';

        return "Hone the $name after the ".self::ordinal($done)." $part of “{$title}”$which.";
    }

    private static function ordinal(int $number): string
    {
        $teen = $number % 100 >= 11 && $number % 100 <= 13;

        return $number.match (true) {
            $teen => 'th',
            $number % 10 === 1 => 'st',
            $number % 10 === 2 => 'nd',
            $number % 10 === 3 => 'rd',
            default => 'th',
        };
    }
}
