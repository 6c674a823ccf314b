<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Measure\LengthFormatter;

/**
 * When a test cannot tell: the thinner line or the number of repeats that would.
 *
 * The uncertainty must shrink to the distance between error and tolerance. Solves
 * U² = s²/n + line²/6 + resolution²/12 for the line's width, then for n.
 */
final readonly class WhatWouldTell
{
    private const MOST_REPEATS = 12;

    public function __construct(
        private SquareReversalInput $test,
        private SquareReversalResult $result,
        private LengthFormatter $format,
    ) {
    }

    public function sentence(): string
    {
        if ($this->result->expandedUncertaintyMm === 0.0) {
            return 'Say how wide your line is, or read the gap twice: then it can be told.';
        }
        $line = $this->lineWidthMm();
        $repeats = $this->repeats();

        return match (true) {
            $line !== null => "Can’t tell yet. Knife a thinner line, {$this->format->small($line)} or less, and test again.",
            $repeats !== null => "Can’t tell yet. Read the gap $repeats times in all.",
            default => 'Too near your tolerance to tell. Test along a longer line, or call it the tolerance.',
        };
    }

    /** Width of the line that would be thin enough; null when the line is not what stands in the way. */
    public function lineWidthMm(): ?float
    {
        $left = $this->neededMm() ** 2 - $this->spread2() / count($this->test->farGapsMm) - $this->test->resolutionMm ** 2 / 12;
        $width = $left > 0 ? sqrt(6 * $left) : 0.0;

        // Nobody knifes a line thinner than this; from memory.
        return $width >= 0.02 && $width < $this->test->lineWidthMm ? floor($width * 100 - 1e-9) / 100 : null;
    }

    /** Readings in all that would do; null when no sensible number would. */
    public function repeats(): ?int
    {
        $left = $this->neededMm() ** 2 - $this->test->lineWidthMm ** 2 / 6 - $this->test->resolutionMm ** 2 / 12;
        $repeats = $left > 0 ? (int) ceil(min(1000.0, $this->spread2() / $left)) : null;

        return $repeats !== null && $repeats > count($this->test->farGapsMm) && $repeats <= self::MOST_REPEATS ? $repeats : null;
    }

    private function neededMm(): float
    {
        return abs((float) $this->test->toleranceMm - abs($this->result->errorMm));
    }

    /** s², from the uncertainty with line and resolution taken out. */
    private function spread2(): float
    {
        $repeats = $this->result->expandedUncertaintyMm ** 2 - $this->test->lineWidthMm ** 2 / 6 - $this->test->resolutionMm ** 2 / 12;

        return max(0.0, $repeats * count($this->test->farGapsMm));
    }
}
