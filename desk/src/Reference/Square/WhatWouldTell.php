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
 * The uncertainty must shrink to the distance between error and tolerance. Solves
 * U² = s²/n + line²/6 + resolution²/12 for the line's width, then for n. Along a line of another length the error and
 * what it may be grow with the length, the uncertainty does not: length · U ÷ distance.
 */
final readonly class WhatWouldTell
{
    private const MOST_REPEATS = 12;

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
        $left = SquareReversal::budget($this->test)->roomFor('line', $this->neededMm());
        $width = $left > 0 ? sqrt(6 * $left) : 0.0;

        // Nobody knifes a line thinner than this; from memory.
        return $width >= 0.02 && $width < $this->test->lineWidthMm ? floor($width * 100 - 1e-9) / 100 : null;
    }

    /** Readings in all that would do; null when no sensible number would. */
    public function repeats(): ?int
    {
        $left = SquareReversal::budget($this->test)->roomFor('repeats', $this->neededMm());
        $repeats = $left > 0 ? (int) ceil(min(1000.0, SquareReversal::varianceMm2($this->test) / $left)) : null;

        return $repeats !== null && $repeats > count($this->test->farGapsMm) && $repeats <= self::MOST_REPEATS
            ? $repeats
            : null;
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
