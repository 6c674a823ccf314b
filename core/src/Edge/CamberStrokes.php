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
 * fingers pressing there takes k·cut·d mm³ off (`honing-plan`), so strokes = strip·contact·depth ÷ that, rounded up.
 * Behind a narrow honed bevel lies the flatter primary one: as the edge goes back, what lies on the stone grows, as
 * `micro-bevel` has it, and the section taken off with it: ½·((r + s)² − r²)·sin p·sin h/sin(h − p), r the recession
 * that makes the contact as long as it begins. Source: geometry and the model of removal (Preston 1927), its constant
 * from memory. Where the pressure spreads beyond the fingers the neighbours go along: stop and look between rounds.
 */
#[Calculates('camber-strokes', 'Strokes across an iron for its curve')]
final class CamberStrokes
{
    public function __invoke(CamberStrokesInput $iron): CamberStrokesResult
    {
        $curve = (new Camber())(new CamberInput($iron->ironWidthMm, $iron->bedDeg, $iron->radiusMm, $iron->reliefMm));
        $strip = $iron->ironWidthMm / $iron->places;
        $perStrokeMm2 = $iron->volumePerStrokeMm3PerUm * $iron->cutFactor * $iron->particleUm / $strip;
        $places = array_map(static function (int $index) use ($iron, $curve, $strip, $perStrokeMm2): CamberPlace {
            $at = ($index - ($iron->places - 1) / 2) * $strip;
            $back = $at ** 2 / ($curve->radiusMm + sqrt($curve->radiusMm ** 2 - $at ** 2));
            $remove = 1000 * $back * Angle::sin($iron->honedDeg);

            return new CamberPlace($at, $back, $remove, Rounding::up(self::sectionMm2($iron, $back) / $perStrokeMm2));
        }, range(0, $iron->places - 1));

        return new CamberStrokesResult(
            $curve->radiusMm,
            $curve->sagMm,
            $curve->reliefMm,
            $places,
            array_sum(array_map(static fn (CamberPlace $place): int => $place->strokes, $places)),
        );
    }

    /** What comes off in a section across the edge when it goes back so far, mm². */
    private static function sectionMm2(CamberStrokesInput $iron, float $backMm): float
    {
        if ($iron->primaryDeg === null) {
            return $iron->contactLengthMm * $backMm * Angle::sin($iron->honedDeg);
        }
        [$primary, $between] = [Angle::sin($iron->primaryDeg), Angle::sin($iron->honedDeg - $iron->primaryDeg)];
        $begins = $iron->contactLengthMm * $between / $primary;
        $squares = ($begins + $backMm) ** 2 - $begins ** 2;

        return $squares / 2 * $primary * Angle::sin($iron->honedDeg) / $between;
    }
}
