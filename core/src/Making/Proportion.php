<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** Usual proportions, to what a rule shows. */
final class Proportion
{
    /** To the nearest half millimetre, and not beyond what is sensible. */
    public static function halfMm(float $mm, float $least, float $most): float
    {
        return min($most, max($least, round(2 * $mm) / 2));
    }
}
