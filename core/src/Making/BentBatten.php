<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

use JackRest\Core\Calculation\Calculates;

/**
 * The arc that a batten takes when its ends lie against two pins and its middle is pushed out.
 *
 * A beam on two supports with a load in the middle: y(x) = f·x·(3L² − 4x²)/L³ up to the middle and the same from the
 * other end; F = 48·E·I·f/L³ with I = w·t³/12; strain = 6·t·f/L²; radius at the middle L²/(12f). It is no circle:
 * nearly
 * straight at its ends, tightest in the middle. A batten of one thickness takes the same arc whatever its stiffness;
 * that
 * decides the force. Source: beam equation of Euler and Bernoulli, small slopes; any textbook of strength of materials.
 */
#[Calculates('bent-batten', 'The arc of a bent batten')]
final class BentBatten
{
    /** Stiffness of straight-grained wood along the grain, GPa; from memory, about that of spruce or ash. */
    public const USUAL_GPA = 11.0;

    /**
     * Strain at which clear wood breaks in bending: strength ÷ stiffness of the usual woods is 0.7 to 1 %.
     * Source: Wood Handbook, USDA Forest Products Laboratory, chapter 5.
     */
    public const BREAKS_PCT = 1.0;

    /** Rise over length up to which small slopes hold to about two hundredths. */
    public const STEEPEST = 0.1;

    public function __invoke(BentBattenInput $batten): BentBattenResult
    {
        [$l, $f] = [$batten->lengthMm, $batten->riseMm];
        $inertia = ($batten->widthMm * $batten->thicknessMm ** 3) / 12;

        return new BentBattenResult(
            array_map(static fn (float $at): float => self::offset($l, $f, $at), $batten->stationsMm),
            (48 * $batten->elasticGPa * 1000 * $inertia * $f) / $l ** 3,
            (600 * $batten->thicknessMm * $f) / $l ** 2,
            $l ** 2 / (12 * $f),
            rad2deg(atan((3 * $f) / $l)),
            self::warning((600 * $batten->thicknessMm * $f) / $l ** 2),
        );
    }

    private static function warning(float $strainPct): ?string
    {
        return $strainPct < self::BREAKS_PCT
            ? null
            : 'its outer fibres would be strained by '.number_format($strainPct, 1, '.', '').
                ' %, and clear wood breaks near 1 %: take a thinner batten';
    }

    /** How far the arc stands off at a place, mm. */
    public static function offset(float $lengthMm, float $riseMm, float $atMm): float
    {
        $x = min($atMm, $lengthMm - $atMm);

        return ($riseMm * $x * (3 * $lengthMm ** 2 - 4 * $x ** 2)) / $lengthMm ** 3;
    }
}
