<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

/**
 * Wood follows the rest that its air asks of it as a first-order lag: m(t+Δ) = e + (m(t) − e)·exp(−Δ/τ), e holding from
 * its day until the next. τ = 14·(thickness/12 mm)² days, from memory, to be calibrated.
 */
final class Lag
{
    private const TIME_DAYS = 14.0;

    private const TIME_THICKNESS_MM = 12.0;

    /** Days in which two thirds of a change are made. */
    public static function timeConstant(float $thicknessMm): float
    {
        return self::TIME_DAYS * ($thicknessMm / self::TIME_THICKNESS_MM) ** 2;
    }

    /** Moisture after so many days in an air whose rest is known. */
    public static function after(float $moisture, float $rest, float $days, float $timeConstant): float
    {
        return $rest + ($moisture - $rest) * exp(-$days / $timeConstant);
    }

    /**
     * @param  list<float>  $days  ascending
     * @param  list<float>  $rests  moisture at which the wood would come to rest, from each day on
     * @return list<float> moisture on each day
     */
    public static function follow(float $start, array $days, array $rests, float $timeConstant): array
    {
        $moisture = $start;
        $course = [];
        // Readings come at even steps, and so does what is left of a difference: it is worked out once for each.
        $left = $step = 0.0;
        foreach ($days as $index => $day) {
            if ($index > 0) {
                $since = $day - $days[$index - 1];
                if ($since !== $step) {
                    [$step, $left] = [$since, exp(-$since / $timeConstant)];
                }
                $rest = $rests[$index - 1];
                $moisture = $rest + ($moisture - $rest) * $left;
            }
            $course[] = $moisture;
        }

        return $course;
    }
}
