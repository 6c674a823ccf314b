<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Day\Handling;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\SharpeningPlan;

/** What honing an edge once takes: time, steel off its end, strokes on what is used up. */
final readonly class Honing
{
    /** Where no plan can be made of it; from memory. */
    private const USUAL_MINUTES = 10.0;

    /**
     * @param  float  $steelMm  of the blade's length
     * @param  int  $paperStrokes  on abrasive paper
     * @param  int  $stropStrokes  on the strop
     * @param  string|null  $on  the paper or strop that is used up, by name; null: only stones are
     */
    public function __construct(
        public float $minutes,
        public float $steelMm,
        public int $paperStrokes = 0,
        public int $stropStrokes = 0,
        public ?string $on = null,
    ) {
    }

    /** Where no plan can be made of it. */
    public static function usual(): self
    {
        return new self(self::USUAL_MINUTES, (float) EdgeCondition::Dull->usualRecessionMm());
    }

    /** By its plan, and what a sharpening day takes for one edge beside it. */
    public static function of(SharpeningPlan $plan, Handling $handling): self
    {
        $strokes = [];
        $on = null;
        foreach ($plan->steps as $step) {
            $medium = $step->stone->medium->value;
            $strokes[$medium] = ($strokes[$medium] ?? 0) + $step->strokes;
            $on ??= $step->stone->medium === Medium::Paper ? $step->stone->name : null;
        }

        return new self(
            ($plan->totalSeconds + $handling->onceSeconds()) / 60,
            $plan->recessionMm,
            $strokes[Medium::Paper->value] ?? 0,
            $strokes[Medium::Strop->value] ?? 0,
            $on,
        );
    }
}
