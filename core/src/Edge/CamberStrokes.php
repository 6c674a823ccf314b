<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * How many strokes at each place across an iron make its curve.
 *
 * The edge is cut into as many strips as there are places; in the middle of the one at x it must stand back by
 * s(x) = R − √(R² − x²) along the back (`camber`), which is s·sin(honed) square to the bevel. A stroke with the
 * fingers pressing there takes 1000·k·cut·d/(strip·contact) µm off (`honing-plan`), so strokes = depth ÷ that, rounded
 * up. Source: geometry and the model of removal (Preston 1927), its constant from memory. Where the pressure spreads
 * beyond the fingers the neighbours go along: stop and look between rounds.
 */
#[Calculates('camber-strokes', 'Strokes across an iron for its curve')]
final class CamberStrokes
{
    public function __invoke(CamberStrokesInput $iron): CamberStrokesResult
    {
        $curve = (new Camber())(new CamberInput($iron->ironWidthMm, $iron->bedDeg, $iron->radiusMm, $iron->reliefMm));
        $strip = $iron->ironWidthMm / $iron->places;
        $perStrokeUm =
            (1000 * $iron->volumePerStrokeMm3PerUm * $iron->cutFactor * $iron->particleUm) /
            ($strip * $iron->contactLengthMm);
        $places = array_map(static function (int $index) use ($iron, $curve, $strip, $perStrokeUm): CamberPlace {
            $at = ($index - ($iron->places - 1) / 2) * $strip;
            $back = $at ** 2 / ($curve->radiusMm + sqrt($curve->radiusMm ** 2 - $at ** 2));
            $remove = 1000 * $back * Angle::sin($iron->honedDeg);

            return new CamberPlace($at, $back, $remove, Rounding::up($remove / $perStrokeUm));
        }, range(0, $iron->places - 1));

        return new CamberStrokesResult(
            $curve->radiusMm,
            $curve->sagMm,
            $curve->reliefMm,
            $places,
            array_sum(array_map(static fn (CamberPlace $place): int => $place->strokes, $places)),
        );
    }
}
