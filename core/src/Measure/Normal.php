<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** The normal distribution: its share below a value, and the value below which a share lies. */
final class Normal
{
    private const STEPS = 3;

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

    /**
     * The value below which a share lies, to 1e-13; ±6.5 where the share is as good as 0 or 1.
     *
     * Abramowitz and Stegun 26.2.23 to 4.5e-4, mended by Newton's steps on {@see below()}.
     */
    public static function quantile(float $share): float
    {
        $tail = min($share, 1 - $share);
        if ($tail < 1e-10) {
            return $share < 0.5 ? -6.5 : 6.5;
        }
        $t = sqrt(-2 * log($tail));
        $far = $t - (2.515517 + 0.802853 * $t + 0.010328 * $t ** 2)
            / (1 + 1.432788 * $t + 0.189269 * $t ** 2 + 0.001308 * $t ** 3);
        $z = $share < 0.5 ? -$far : $far;
        for ($step = 0; $step < self::STEPS; $step++) {
            $z -= (self::below($z) - $share) * sqrt(2 * M_PI) * exp($z * $z / 2);
        }

        return $z;
    }
}
