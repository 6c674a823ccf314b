<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Measure\LengthFormatter;

/** The plan as the next stroke: one plain sentence, why, and what follows. */
final readonly class SharpeningWords
{
    public function __construct(private SharpeningPlan $plan, private EdgeCondition $condition, private LengthFormatter $format)
    {
    }

    public function nextStroke(): string
    {
        $first = $this->plan->steps[0];
        $rest = array_map(
            static fn (SharpeningStep $step): string => "{$step->strokes} on the {$step->stone->name}",
            array_slice($this->plan->steps, 1),
        );
        $then = $rest === [] ? '' : ', then '.implode(', then ', $rest);
        $strokes = $first->strokes === 1 ? '1 stroke' : "{$first->strokes} strokes";

        return $this->minutesFirst()."$strokes on the {$first->stone->name}{$then}.";
    }

    public function why(): string
    {
        $back = $this->format->small($this->plan->state->recessionMm);
        $width = $this->format->small($this->plan->state->contactLengthMm);

        return match ($this->condition) {
            EdgeCondition::TouchUp => "A touch-up takes the edge back $back, over a secondary bevel $width wide.",
            EdgeCondition::Dull => "A dull edge must go back $back, over a secondary bevel $width wide.",
            EdgeCondition::Nicked => "The nick is gone when the edge has gone back $back; the secondary bevel is then $width wide.",
            EdgeCondition::FreshGrind => "The first secondary bevel on a fresh grind: the edge goes back $back, $width wide.",
            EdgeCondition::Back => "The back comes down over $width of its length.",
        };
    }

    public function minutes(): string
    {
        return self::inMinutes($this->plan->totalSeconds);
    }

    /** Hundreds of strokes are read as minutes first. */
    private function minutesFirst(): string
    {
        $strokes = array_sum(array_map(static fn (SharpeningStep $step): int => $step->strokes, $this->plan->steps));

        return $strokes >= 200 ? ucfirst($this->minutes()).': ' : '';
    }

    public static function inMinutes(float $seconds): string
    {
        return match (true) {
            $seconds < 60 => 'under a minute',
            $seconds < 90 => 'about a minute',
            default => 'about '.(int) round($seconds / 60).' minutes',
        };
    }
}
