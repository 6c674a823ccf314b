<?php

declare(strict_types=1);

namespace App\Edge;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningTask;

/** What a plan makes of an edge, kept with the session that walks it until its last stone is done. */
final class HoningSteps
{
    /**
     * @return array{recessionMm: float, microWidthMm?: float, primaryDeg?: float, secondaryDeg?: float,
     *     honedMm?: float}
     */
    public static function becomes(SharpeningTask $task, SharpeningPlan $plan): array
    {
        $blade = $task->blade;
        // A back that is flattened leaves the bevel as it is.
        $bevel =
            $task->edge->condition === EdgeCondition::Back
                ? []
                : [
                    'microWidthMm' => $plan->microWidthAfterMm($blade),
                    'primaryDeg' => $blade->primaryDeg,
                    'secondaryDeg' => $blade->secondaryDeg,
                    'honedMm' => self::honedMm($blade, $task, $plan),
                ];

        return ['recessionMm' => $plan->recessionMm, ...$bevel];
    }

    private static function honedMm(Blade $blade, SharpeningTask $task, SharpeningPlan $plan): float
    {
        $before = $task->edge->condition === EdgeCondition::FreshGrind ? 0.0 : $blade->honedMm;

        return $blade->secondaryDeg > $blade->primaryDeg ? 0.0 : $before + $plan->state->removeUm / 1000;
    }
}
