<?php

declare(strict_types=1);

namespace App\Job;

use App\Bench\Bench;
use App\Edge\Edge;
use App\Edge\OutlookOfBench;
use App\Pace\StepTime;
use App\Reference\Reference;
use App\School\KitSettings;
use App\SetOut\CardOfWork;
use App\Stone\RackOfBench;
use App\Work\KitTools;
use App\Work\Work;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\EdgeHistory\BluntModel;
use JackRest\Core\EdgeHistory\Clock;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\Job\EdgeWear;
use JackRest\Core\Job\Honing;
use JackRest\Core\Job\JobTask;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Job\SquareOverBoard;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\Kit\WorkTasks;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Task;
use JackRest\Desk\Edge\SharpeningForm;
use JackRest\Desk\Job\JobAsk;
use JackRest\Desk\Job\JobEdge;
use JackRest\Desk\Job\JobHands;
use JackRest\Desk\Job\JobStep;
use JackRest\Desk\Job\StepSetting;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\SetOut\SetOutQuestion;

/** What a bench brings to a job: its tools, its edges and their record, its pace; and what was set out for the work. */
final class HandsOfJob
{
    public static function of(Bench $bench, Work $work, LengthFormatter $format): JobHands
    {
        $tools = KitTools::of($bench)->atHand;
        $gauges = $wear = $edges = [];
        foreach ($tools as $tool) {
            if (JobTask::isGauge($tool->kind)) {
                $gauges[$tool->kind] = ($gauges[$tool->kind] ?? 0) + 1;
            }
        }
        $outlook = new OutlookOfBench($bench);
        $rack = new RackOfBench($bench);
        $stones = $rack->forPlan();
        foreach ($outlook->edges as $id => $edge) {
            // A body of several irons is honed by its first.
            if (isset($edges[(string) $edge->tool_id])) {
                continue;
            }
            $plan = SharpeningForm::of(
                $edge->toCore(),
                $edge->typed($format),
                EdgeNeed::Dull,
                $stones,
                $format,
                $rack->school,
            )->plan;
            $honing = $plan === null ? Honing::usual() : Honing::of($plan, $rack->handling());
            $edges[(string) $edge->tool_id] = new JobEdge($id, $edge->name, $honing);
            $wear[(string) $edge->tool_id] = self::wear(
                $edge,
                $outlook->forecasts[$id],
                $work->hardness->blunting(),
                $honing->minutes,
            );
        }

        return new JobHands(
            new Coverage(new ToolsAtHand($tools), KitSettings::now($bench)->school()),
            $gauges,
            $wear,
            $edges,
            StepTime::paces($bench),
        );
    }

    /** @param  float  $blunting  of the wood: harder wood leaves fewer minutes */
    private static function wear(
        Edge $edge,
        EdgeForecast $forecast,
        float $blunting,
        float $honeMinutes,
    ): EdgeWear {
        $isTimed = $forecast->life->clock === Clock::Minutes;
        $blunt = $isTimed ? $forecast->blunt : BluntModel::from([], Clock::Minutes)->predict([]);
        $lasted = $isTimed ? $forecast->life->now : 0.0;
        $left = $edge->isSharp() ? $blunt->quantileAfter(0.5, $lasted) - $lasted : 0.0;

        return new EdgeWear($left / $blunting, $blunt->quantile(0.5) / $blunting, $honeMinutes);
    }

    public static function ask(Bench $bench, Work $work, LengthFormatter $format): JobAsk
    {
        $card = new CardOfWork($bench, $work, $format);
        $settings = $counted = $rests = [];
        foreach ($card->kept as $kept) {
            $answer = $card->forms[$kept->id]->answer;
            foreach ($answer->settings ?? [] as $set) {
                $settings[] = new StepSetting($set->step, $set->tool, $set->for, $set->to, $set->gauge);
            }
            $first = $answer->settings[0] ?? null;
            foreach ($answer->steps ?? [] as $step) {
                $counted[$first === null ? '' : $first->step][] = "$step->count $step->of with the $step->title.";
            }
            if ($kept->question === SetOutQuestion::Stages && $answer?->restDays !== null) {
                $rests['flatten-coarse'] = (float) $answer->restDays;
            }
        }
        $graded = new WorkTasks(KitSettings::now($bench)->school(), KitSettings::now($bench)->floor);

        return new JobAsk(
            $work->name,
            $work->planned($graded)->tasks,
            PartCount::usual($work->pattern),
            $settings,
            $counted,
            $rests,
            $work->due_on,
        );
    }

    /** The widest board that is marked square, mm; 0: none is. */
    private static function widestMm(JobAsk $ask): float
    {
        $widths = array_map(
            static fn (Task $task): float => $task->operation->id === 'mark-square'
                ? $task->facts->mm[Fact::Width->value] ?? 0.0
                : 0.0,
            $ask->tasks,
        );

        return max(0.0, ...$widths);
    }

    /** What a square that was tested does over a board, where that is more than the joint bears. */
    private static function square(Reference $reference, float $boardMm, LengthFormatter $format): ?string
    {
        $over = $reference->sizesNow()->find('length') ?? 0.0;
        $last = $reference->histories()->first()?->last();
        if ($reference->kind !== ReferenceKind::Square || $last === null || $over <= 0.0 || $boardMm <= 0.0) {
            return null;
        }
        $out = new SquareOverBoard($last, $over, $boardMm);

        return $out->isTrusted()
            ? null
            : "The {$reference->name} may be out by {$format->small($out->outMm)} over ".
                "{$format->dimension($boardMm)}; the joint bears {$format->small(SquareOverBoard::BEARS_MM)}. ".
                'True it first.';
    }

    /**
     * References that want testing before they are trusted with it, and edges that want the stones first.
     *
     * @param  list<JobStep>  $steps
     * @return list<string>
     */
    public static function doubts(Bench $bench, JobAsk $ask, array $steps, LengthFormatter $format): array
    {
        $used = array_fill_keys(array_merge([], ...array_map(
            static fn (JobStep $step): array => $step->used,
            $steps,
        )), true);
        $doubts = [];
        foreach (Reference::testedOf($bench) as $reference) {
            if (! isset($used[(int) $reference->tool_id])) {
                continue;
            }
            $due = $reference->due();
            $doubts[] = $due === null
                ? self::square($reference, self::widestMm($ask), $format)
                : "Test the {$reference->name} before you mark: ".lcfirst($due);
        }

        $worked = array_fill_keys(array_merge([], ...array_map(
            static fn (JobStep $step): array => array_keys($step->edges),
            $steps,
        )), true);
        $dull = Edge::of($bench)->where('condition', '!=', Edge::SHARP)->get()
            ->filter(static fn (Edge $edge): bool => isset($worked[$edge->id]))
            ->map(static fn (Edge $edge): string => $edge->name)
            ->all();

        return [...array_values(array_filter($doubts, is_string(...))), ...$dull === [] ? [] : [
            'Not sharp, as far as is known: '.implode(', ', $dull).'.',
        ]];
    }
}
