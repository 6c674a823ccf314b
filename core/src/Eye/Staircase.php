<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

/**
 * Which error is shown next: smaller after three right answers, larger after each wrong one.
 *
 * That hovers where 79.4 % of the answers are right: H. Levitt, "Transformed up-down methods in psychoacoustics",
 * Journal of the Acoustical Society of America 49 (1971), table I. Until the first wrong answer each right one counts,
 * so that nobody sits through the easy ones (common practice).
 */
final readonly class Staircase
{
    /** Share of right answers that it hovers at: the cube root of a half. */
    public const SEEN = 0.794;

    private const RIGHT_IN_A_ROW = 3;

    /** Steps are factors: wide until it has turned twice, then narrower; from memory. */
    private const WIDE = 2.0;

    private const NARROW = M_SQRT2;

    private const WIDE_TURNS = 2;

    /**
     * @param  float  $start  what is shown first: easy to see
     * @param  float  $finest  no smaller than can be shown
     * @param  float  $coarsest  no larger than fits its drawing
     */
    public function __construct(private float $start, private float $finest, private float $coarsest)
    {
    }

    /** @param  list<Trial>  $trials  in the order they were answered */
    public function next(array $trials): float
    {
        [$size, $inARow, $turns, $wasDown, $hasErred] = [$this->start, 0, 0, null, false];
        foreach ($trials as $trial) {
            $hasErred = $hasErred || ! $trial->isRight;
            $inARow = $trial->isRight ? $inARow + 1 : 0;
            $goesDown = $trial->isRight && (! $hasErred || $inARow >= self::RIGHT_IN_A_ROW);
            if ($trial->isRight && ! $goesDown) {
                continue;
            }
            $turns += $wasDown !== null && $wasDown !== $goesDown ? 1 : 0;
            $wasDown = $goesDown;
            $inARow = 0;
            $factor = $turns < self::WIDE_TURNS ? self::WIDE : self::NARROW;
            $size = min($this->coarsest, max($this->finest, $goesDown ? $size / $factor : $size * $factor));
        }

        return $size;
    }
}
