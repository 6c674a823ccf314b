<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * A bevel ground hollow on a wheel, and how its lands grow as it is honed.
 *
 * Chord c = t/sin β, wheel radius R: depth = R − √(R² − c²/4); edge and heel angles = β ∓ asin(c/2R). Honed d deep
 * parallel to the chord the remaining hollow is 2√(R² − (R − depth + d)²), a land half of what is left of c;
 * honings until flat = floor((depth − d)/d₁). Source: geometry of the circle.
 */
#[Calculates('hollow-grind', 'A hollow-ground bevel and its honed lands')]
final class HollowGrind
{
    public function __invoke(HollowGrindInput $blade): HollowGrindResult
    {
        $chord = $blade->chordMm();
        $radius = $blade->wheelDiameterMm / 2;
        // As chord²/4 ÷ (R + √…): the difference of two near numbers would lose its figures on a large wheel.
        $depth = $chord ** 2 / 4 / ($radius + sqrt($radius ** 2 - $chord ** 2 / 4));
        $turn = rad2deg(asin($chord / 2 / $radius));
        $left = $depth - $blade->honedDepthMm;

        return new HollowGrindResult(
            $chord,
            $depth,
            $blade->bevelDeg - $turn,
            $blade->bevelDeg + $turn,
            max(0.0, ($chord - self::hollowMm($radius, $left)) / 2),
            $blade->depthPerHoningMm === null ? null : max(0, Rounding::down($left / $blade->depthPerHoningMm)),
        );
    }

    /** Width of a hollow that is so deep; none when nothing is left of it. */
    private static function hollowMm(float $radius, float $depth): float
    {
        return $depth <= 0.0 ? 0.0 : 2 * sqrt($depth * (2 * $radius - $depth));
    }
}
