<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * The small secondary bevel: how wide it is for a given recession of the edge, and the other way round.
 *
 * With the edge gone back r along the back: width w = r·sin p / sin(s − p), height h = w·sin s,
 * section removed ½·r·h; honings left = floor((w_max·sin(s − p)/sin p − r)/r₁), never below 0.
 * Source: plane trigonometry of the triangle between old edge, new edge and the end of the new bevel.
 */
#[Calculates('micro-bevel', 'Width, height and section of a secondary bevel')]
final class MicroBevel
{
    public function __invoke(MicroBevelInput $edge): MicroBevelResult
    {
        $perWidth = self::recessionPerWidth($edge->primaryDeg, $edge->secondaryDeg);
        $recession = $edge->recessionMm ?? (float) $edge->widthMm * $perWidth;
        $width = $edge->widthMm ?? $recession / $perWidth;
        $height = $width * Angle::sin($edge->secondaryDeg);

        return new MicroBevelResult(
            $recession,
            $width,
            $height,
            ($recession * $height) / 2,
            self::honingsLeft($edge, $recession, $perWidth),
        );
    }

    /** Recession along the back for each mm of secondary bevel width. */
    private static function recessionPerWidth(float $primaryDeg, float $secondaryDeg): float
    {
        return Angle::sin($secondaryDeg - $primaryDeg) / Angle::sin($primaryDeg);
    }

    private static function honingsLeft(MicroBevelInput $edge, float $recession, float $perWidth): ?int
    {
        return $edge->recessionPerHoningMm === null || $edge->maxWidthMm === null
            ? null
            : max(0, Rounding::down(($edge->maxWidthMm * $perWidth - $recession) / $edge->recessionPerHoningMm));
    }
}
