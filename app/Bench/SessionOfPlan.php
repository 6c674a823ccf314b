<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Edge;
use Illuminate\Support\Carbon;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\SharpeningTask;

/** A plan as the record that bench mode walks. */
final class SessionOfPlan
{
    /** @return array<string, mixed> */
    public static function step(SharpeningStep $step, Edge $edge): array
    {
        return [
            'stoneId' => $step->stone->id,
            'stone' => $step->stone->name,
            'particleUm' => $step->stone->particleUm(),
            'kind' => $step->kind->value,
            'strokes' => $step->strokes,
            'seconds' => $step->seconds,
            'modelStrokes' => $step->modelStrokes,
            'see' => $step->see,
            'edgeId' => $edge->id,
            'edge' => $edge->name,
        ];
    }

    /** @return array<string, mixed> the columns an edge gets when the last stone is done */
    public static function becomes(SharpeningTask $task, SharpeningPlan $plan): array
    {
        $blade = $task->blade;
        $back = $task->edge->condition === EdgeCondition::Back;

        return [
            'condition' => Edge::SHARP,
            'recession' => $plan->recessionMm,
            ...($back ? [] : [
                'micro_width_mm' => $plan->microWidthAfterMm($blade),
                'primary_deg' => $blade->primaryDeg,
                'secondary_deg' => $blade->secondaryDeg,
                'honed_mm' => self::honedMm($blade, $task, $plan),
            ]),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @param  array<int, array<string, mixed>>  $becomes
     * @return array<string, mixed>
     */
    public static function columns(string $condition, array $steps, array $becomes, string $title = ''): array
    {
        return [
            'condition' => $condition,
            'title' => $title,
            'steps' => $steps,
            'becomes' => $becomes,
            'counted' => array_fill(0, count($steps), 0),
            'at_step' => 0,
            'phase' => 'fetch',
            'state' => 'running',
            'started_at' => Carbon::now()->toIso8601ZuluString(),
        ];
    }

    private static function honedMm(Blade $blade, SharpeningTask $task, SharpeningPlan $plan): float
    {
        $before = $task->edge->condition === EdgeCondition::FreshGrind ? 0.0 : $blade->honedMm;

        return $blade->secondaryDeg > $blade->primaryDeg ? 0.0 : $before + $plan->state->removeUm / 1000;
    }
}
