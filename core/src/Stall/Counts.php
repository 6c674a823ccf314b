<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/** What follows from the readings of a check. */
enum Counts
{
    /** The reading itself. */
    case Itself;
    /** Half of it: a test by turning over shows twice the error. */
    case Half;
    /** How far two readings lie apart. */
    case Apart;
    /** By how much the second exceeds the first. */
    case Over;

    /** @param  non-empty-list<float>  $readingsMm */
    public function of(array $readingsMm): float
    {
        $second = $readingsMm[1] ?? 0.0;

        return match ($this) {
            self::Itself => $readingsMm[0],
            self::Half => abs($readingsMm[0]) / 2,
            self::Apart => abs($readingsMm[0] - $second),
            self::Over => $second - $readingsMm[0],
        };
    }
}
