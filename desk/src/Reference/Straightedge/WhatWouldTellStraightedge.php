<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\StraightedgeMethod;

/**
 * When a straightedge's test cannot tell: the thinner line, the finer reading or the truer flat that would.
 *
 * The uncertainty must shrink to the distance between straightness and tolerance; its budget ({@see StraightedgeForm})
 * is solved for one of them at a time, the others left as they are. A contribution's standard uncertainty goes with the
 * line's width, or with the reading.
 */
final readonly class WhatWouldTellStraightedge
{
    /** Nobody knifes a line thinner, or reads a gap finer at a bench; from memory. */
    private const FINEST_MM = ['line' => 0.02, 'reading' => 0.005];

    public function __construct(private StraightedgeForm $form)
    {
    }

    public function sentence(): string
    {
        $line = $this->lineWidthMm();
        $reading = $this->resolutionMm();
        $small = $this->form->format->small(...);

        return match (true) {
            $line !== null => "Can’t tell yet. Knife a thinner line, {$small($line)} or less, and test again.",
            $reading !== null => "Can’t tell yet. Read the gaps with something that shows {$small($reading)} or less.",
            $this->form->method === StraightedgeMethod::Flat => 'Too near your tolerance to tell on this flat. Test '.
                'it against itself, or allow a little more.',
            default => 'Too near your tolerance to tell. Read it with something finer, or allow a little more.',
        };
    }

    /** Null when the line is not what stands in the way. */
    public function lineWidthMm(): ?float
    {
        if ($this->form->method === StraightedgeMethod::Flat) {
            return null;
        }

        return $this->finer('line', $this->form->form->value('lineWidth') ?? 0.0);
    }

    /** Null when the reading is not what stands in the way. */
    public function resolutionMm(): ?float
    {
        return $this->finer('reading', $this->form->resolutionMm);
    }

    /** What a line's width, or a reading's resolution, would have to shrink to; null: it does not stand in the way. */
    private function finer(string $part, float $now): ?float
    {
        $budget = $this->form->budget();
        $room = UncertaintyBudget::varianceOfExpanded($this->neededMm()) - $budget->with($part, 0.0)->standardMm() ** 2;
        $known = $budget->partMm($part);
        $needed = $room > 0.0 && $known > 0.0 ? $now * sqrt($room) / $known : 0.0;

        return self::floored($needed, $now, self::FINEST_MM[$part]);
    }

    private static function floored(float $needed, float $now, float $finest): ?float
    {
        $step = $needed < 0.02 ? 1000 : 100;
        $floored = floor($needed * $step - 1e-9) / $step;

        return $floored >= $finest && $floored < $now ? $floored : null;
    }

    private function neededMm(): float
    {
        return abs(
            (float) $this->form->form->value('tolerance') - ($this->form->result->straightnessMm ?? 0.0),
        );
    }
}
