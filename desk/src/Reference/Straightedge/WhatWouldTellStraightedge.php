<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Truing\StraightedgeMethod;

/**
 * When a straightedge's test cannot tell: the thinner line, the finer reading or the truer flat that would.
 *
 * The uncertainty must shrink to the distance between straightness and tolerance; its formula
 * ({@see StraightedgeForm}) is
 * solved for one of them at a time, the others left as they are.
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
        // U² carries line²/4: 1.5 · line²/6.
        $left = 4 * $this->form->budget()->roomFor('line', $this->neededMm());

        return self::floored(
            $left > 0 ? sqrt($left) : 0.0,
            $this->form->form->value('lineWidth') ?? 0.0,
            self::FINEST_MM['line'],
        );
    }

    /** Null when the reading is not what stands in the way. */
    public function resolutionMm(): ?float
    {
        // U² carries resolution²/2 on a flat, and resolution²/8 turned over: 1.5 · resolution²/12.
        $times = $this->form->method === StraightedgeMethod::Flat ? 2 : 8;
        $left = $times * $this->form->budget()->roomFor('reading', $this->neededMm());

        return self::floored(
            $left > 0 ? sqrt($left) : 0.0,
            $this->form->resolutionMm,
            self::FINEST_MM['reading'],
        );
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
