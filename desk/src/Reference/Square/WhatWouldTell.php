<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\SquareReversalResult;

/**
 * When a test cannot tell: the thinner line, the number of repeats or the longer line that would.
 *
 * The uncertainty must shrink to the distance between error and tolerance: thinner lines are tried one after the other,
 * then more repeats. Along a line of another length the error and what it may be grow with the length, the uncertainty
 * does not: length · U ÷ distance.
 */
final readonly class WhatWouldTell
{
    private const MOST_REPEATS = 12;

    /** Nobody knifes a line thinner than this; from memory. */
    private const THINNEST_LINE_MM = 0.02;

    private const LINE_STEP_MM = 0.01;

    /** @param  float|null  $bladeMm  the longest line that can be knifed; null: not known */
    public function __construct(
        private SquareReversalInput $test,
        private SquareReversalResult $result,
        private LengthFormatter $format,
        private ?float $bladeMm = null,
    ) {
    }

    public function sentence(): string
    {
        if ($this->result->expandedUncertaintyMm === 0.0) {
            return 'Say how wide your line is, or read the gap twice: then it can be told.';
        }
        $line = $this->lineWidthMm();
        $repeats = $this->repeats();
        $longer = $this->longerMm();

        return match (true) {
            $line !== null => "Can’t tell yet. Knife a thinner line, {$this->format->small($line)} or less, and test "
                .'again.',
            $repeats !== null => "Can’t tell yet. Read the gap $repeats times in all.",
            $longer !== null => "Can’t tell yet. Test along {$this->format->dimension($longer)} of the blade, where "
                .'your tolerance is '
                ."{$this->format->small(((float) $this->test->toleranceMm * $longer) / $this->test->bladeLengthMm)}.",
            default => 'Too near your tolerance to tell. Read it with something finer, or allow a little more.',
        };
    }

    /** Width of the line that would be thin enough; null when the line is not what stands in the way. */
    public function lineWidthMm(): ?float
    {
        $budget = SquareReversal::budget($this->test);
        // By trial: with few repeats a thinner line leaves fewer degrees of freedom, and the whole may even grow.
        $steps = (int) ceil($this->test->lineWidthMm / self::LINE_STEP_MM - 1e-9) - 1;
        for (; $steps * self::LINE_STEP_MM >= self::THINNEST_LINE_MM - 1e-9; $steps--) {
            $width = round($steps * self::LINE_STEP_MM, 2);
            $variance = SquareReversal::lineVarianceMm2($width);
            if ($budget->with('line', $variance)->expandedMm() <= $this->neededMm()) {
                return $width;
            }
        }

        return null;
    }

    /** Readings in all that would do; null when no sensible number would. */
    public function repeats(): ?int
    {
        $budget = SquareReversal::budget($this->test);
        $variance = SquareReversal::varianceMm2($this->test);
        for ($repeats = count($this->test->farGapsMm) + 1; $repeats <= self::MOST_REPEATS; $repeats++) {
            $more = $budget->with('repeats', $variance / $repeats / 4, $repeats - 1);
            if ($variance > 0.0 && $more->expandedMm() <= $this->neededMm()) {
                return $repeats;
            }
        }

        return null;
    }

    /** The line that is long enough, to the next 5 mm; null: the blade is no longer, or no line would do. */
    public function longerMm(): ?float
    {
        $needed = $this->neededMm();
        $length =
            $needed > 0
                ? ceil(($this->test->bladeLengthMm * $this->result->expandedUncertaintyMm) / $needed / 5 + 1e-9) * 5
                : INF;

        return $this->bladeMm !== null && $length > $this->test->bladeLengthMm && $length <= $this->bladeMm
            ? $length
            : null;
    }

    private function neededMm(): float
    {
        return abs((float) $this->test->toleranceMm - abs($this->result->errorMm));
    }
}
