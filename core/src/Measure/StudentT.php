<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** Student's t: how far a mean of few readings may stray. */
final class StudentT
{
    /**
     * The t below which the given share of a distribution with so many degrees of freedom lies.
     *
     * Exact for one and two degrees, above that Abramowitz and Stegun 26.7.5 to four terms.
     */
    public static function quantile(float $share, int $freedom): float
    {
        if ($freedom === 1) {
            return tan(M_PI * ($share - 0.5));
        }
        if ($freedom === 2) {
            return (2 * $share - 1) / sqrt(2 * $share * (1 - $share));
        }
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
