<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** The beta function and its incomplete integral, on which Student's t rests. */
final class Beta
{
    private const TERMS = 400;

    private const TINY = 1e-300;

    /**
     * I_x(a, b), the share of a beta distribution below x, 0 to 1.
     *
     * Continued fraction by Lentz's method; from the far end where that converges faster. Source: Abramowitz and
     * Stegun 26.5.8 and 6.6.3.
     */
    public static function share(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp($a * log($x) + $b * log1p(-$x) - self::logarithm($a, $b));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    /** ln B(a, b). */
    public static function logarithm(float $a, float $b): float
    {
        return self::logGamma($a) + self::logGamma($b) - self::logGamma($a + $b);
    }

    /**
     * ln Γ(x) for x above 0: Stirling's series beyond 15, reached by Γ(x + 1) = xΓ(x). Source: Abramowitz and Stegun
     * 6.1.15 and 6.1.41.
     */
    private static function logGamma(float $x): float
    {
        $product = 1.0;
        for (; $x < 15.0; $x++) {
            $product *= $x;
        }
        $series = (1 / 12 - (1 / 360 - (1 / 1260 - 1 / 1680 / $x ** 2) / $x ** 2) / $x ** 2) / $x;

        return ($x - 0.5) * log($x) - $x + 0.5 * log(2 * M_PI) + $series - log($product);
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = self::inverse(1 - ($a + $b) * $x / ($a + 1));
        $value = $d;
        for ($m = 1; $m <= self::TERMS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            foreach ([$even, $odd] as $term) {
                $d = self::inverse(1 + $term * $d);
                $c = 1 + $term / $c;
                $c = abs($c) < self::TINY ? self::TINY : $c;
                $value *= $d * $c;
            }
            if (abs($d * $c - 1) < 1e-15) {
                break;
            }
        }

        return $value;
    }

    private static function inverse(float $value): float
    {
        return 1 / (abs($value) < self::TINY ? self::TINY : $value);
    }
}
