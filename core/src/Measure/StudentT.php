<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** Student's t: how far a mean of few readings may stray. */
final class StudentT
{
    /** Above so many degrees of freedom the normal distribution is as good as it, to one part in a thousand million. */
    private const AS_GOOD_AS_NORMAL = 1e9;

    private const STEPS = 12;

    /**
     * The t below which the given share of a distribution with so many degrees of freedom lies; the degrees need not
     * be whole, as Welch and Satterthwaite's are not, and may be infinite.
     *
     * One and two degrees by their own formulas; else from Abramowitz and Stegun 26.7.5, mended by Newton's steps on
     * the share below it (26.7.1) until it no longer moves.
     *
     * @param  float  $share  between 0 and 1, both left out
     * @param  float  $freedom  1 or more
     */
    public static function quantile(float $share, float $freedom): float
    {
        if ($freedom === 1.0) {
            return tan(M_PI * ($share - 0.5));
        }
        if ($freedom === 2.0) {
            return (2 * $share - 1) / sqrt(2 * $share * (1 - $share));
        }
        if ($freedom > self::AS_GOOD_AS_NORMAL) {
            return Normal::quantile($share);
        }
        $t = self::series($share, $freedom);
        for ($step = 0; $step < self::STEPS; $step++) {
            $by = (self::below($t, $freedom) - $share) / self::density($t, $freedom);
            $t -= $by;
            if (abs($by) < 1e-12 * max(1.0, abs($t))) {
                break;
            }
        }

        return $t;
    }

    /** Share below t, by the incomplete beta function. Source: Abramowitz and Stegun 26.7.1 and 26.5.27. */
    public static function below(float $t, float $freedom): float
    {
        $square = $t * $t;
        // Near the middle the other end of the beta function is the exact one.
        $tail = $square < $freedom
            ? 1 - Beta::share($square / ($freedom + $square), 0.5, $freedom / 2)
            : Beta::share($freedom / ($freedom + $square), $freedom / 2, 0.5);

        return $t < 0 ? $tail / 2 : 1 - $tail / 2;
    }

    private static function density(float $t, float $freedom): float
    {
        return exp(-Beta::logarithm(0.5, $freedom / 2) - ($freedom + 1) / 2 * log1p($t * $t / $freedom))
            / sqrt($freedom);
    }

    /** Abramowitz and Stegun 26.7.5, to four terms: where Newton's steps begin. */
    private static function series(float $share, float $freedom): float
    {
        $z = Normal::quantile($share);
        $terms = [
            ($z ** 3 + $z) / 4,
            (5 * $z ** 5 + 16 * $z ** 3 + 3 * $z) / 96,
            (3 * $z ** 7 + 19 * $z ** 5 + 17 * $z ** 3 - 15 * $z) / 384,
            (79 * $z ** 9 + 776 * $z ** 7 + 1482 * $z ** 5 - 1920 * $z ** 3 - 945 * $z) / 92160,
        ];
        foreach ($terms as $index => $term) {
            $z += $term / $freedom ** ($index + 1);
        }

        return $z;
    }
}
