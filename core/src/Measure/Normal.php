<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** The normal distribution: its share below a value, and the value below which a share lies. */
final class Normal
{
    private const STEPS = 60;

    /** Share below z. By its power series to 1e-14 (Abramowitz and Stegun 26.2.10), beyond 6.5 as good as 0 or 1. */
    public static function below(float $z): float
    {
        if (abs($z) > 6.5) {
            return $z < 0 ? 0.0 : 1.0;
        }
        $term = $z;
        $sum = $z;
        for ($n = 1; abs($term) > 1e-15 * max(1e-9, abs($sum)) && $n < 400; $n++) {
            $term *= $z * $z / (2 * $n + 1);
            $sum += $term;
        }

        return 0.5 + $sum * exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }

    /** The value below which a share lies, by bisection to 1e-12. */
    public static function quantile(float $share): float
    {
        [$low, $high] = [-6.5, 6.5];
        for ($step = 0; $step < self::STEPS; $step++) {
            $middle = ($low + $high) / 2;
            self::below($middle) < $share ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
