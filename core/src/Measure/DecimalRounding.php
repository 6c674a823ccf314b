<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** Rounding for whoever reads a number, the same on every version of PHP. */
final class DecimalRounding
{
    /**
     * To so many decimals, halves away from nought, of the number as its first fifteen digits say it. What arithmetic
     * leaves of 37.95 is 37.949999999999996 now and then, and that is meant to be read as 38.0. PHP before 8.4 rounded
     * like this by itself (its “pre-rounding”); since then `round` gives 37.9.
     */
    public static function to(float $number, int $places): float
    {
        return is_finite($number) ? round((float) sprintf('%.14e', $number), $places) : $number;
    }
}
