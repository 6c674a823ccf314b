<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/**
 * How many times the model's bite a saw takes that nobody counted yet.
 *
 * A long saw is held at an angle and driven from the shoulder, with the weight of the arm on it; the model
 * ({@see SawFit}) was set by short ones that are held level. A board of oak, 150 × 25 mm, is cut across with eight
 * teeth to the inch in some fifty strokes: common practice, no source.
 */
final class UsualBite
{
    private const DRIVEN_FROM_THE_SHOULDER = 2.0;

    public static function atAngle(float $sawAngleDeg): float
    {
        return $sawAngleDeg < 90.0 ? self::DRIVEN_FROM_THE_SHOULDER : 1.0;
    }
}
