<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;

/**
 * The shape of a saw tooth as a triangular file leaves it.
 *
 * Along the plate x, across it y, upwards z. The file lies along a = (sin φ·cos σ, cos φ·cos σ, −sin σ) with fleam φ
 * and slope σ; its two faces both hold a and stand at its corner's angle to each other. Seen from the side, the front
 * rises from the gullet along (−sin r, 0, cos r) with rake r; square to the file it is turned by the corner's angle to
 * give the back, whose plane meets the side again at the lean b. Tip to tip: p = h·(tan r + tan b), so the height
 * h = p/(tan r + tan b), front h/cos r, back h/cos b, gullet ½·p·h. Without fleam and slope b = 60° − r.
 * Source: geometry; rip teeth of no rake give h = p/tan 60°.
 */
#[Calculates('saw-teeth', 'Shape of a saw’s teeth')]
final class SawTeeth
{
    /** Lower than this, by its pitch, there is no tooth left: it is front and back of one line. */
    private const LOWEST = 0.01;

    /** @throws InvalidInput when the back of a tooth would overhang, or front and back leave no tooth */
    public function __invoke(SawTeethInput $saw): SawTeethResult
    {
        $pitch = $saw->pitch();
        $back = self::backLean($saw);
        [$tanFront, $tanBack] = [tan(deg2rad($saw->rakeDeg)), tan($back)];
        if ($back <= 0.0 || $tanFront + $tanBack <= 0.0 || $tanFront + $tanBack > 1 / self::LOWEST) {
            throw InvalidInput::because(
                'rakeDeg',
                'leaves the tooth no back: with this file, fleam and slope it must be smaller',
            );
        }
        $height = $pitch / ($tanFront + $tanBack);
        [$front, $backLength] = [$height / Angle::cos($saw->rakeDeg), $height / cos($back)];

        return new SawTeethResult(
            $pitch,
            SawTeethInput::MM_PER_INCH / $pitch,
            SawTeethInput::MM_PER_INCH / $pitch + 1,
            $height,
            $front,
            $backLength,
            rad2deg($back),
            $saw->rakeDeg + rad2deg($back),
            max(
                self::squareToFile($saw, $front, deg2rad($saw->rakeDeg), -1),
                self::squareToFile($saw, $backLength, $back, 1),
            ),
            0.5 * $pitch * $height,
            $saw->plateMm === null ? null : $saw->plateMm + 2 * $saw->setPerSideMm,
        );
    }

    /** How far the back leans from upright, seen from the side, radians. */
    private static function backLean(SawTeethInput $saw): float
    {
        $along = self::fileAlong($saw);
        $rake = deg2rad($saw->rakeDeg);
        // The front's direction square to the file, turned about the file by its corner.
        $front = self::squareTo([-sin($rake), 0.0, cos($rake)], $along);
        $corner = deg2rad($saw->fileDeg);
        $aside = self::cross($along, $front);
        $back = [];
        foreach ([0, 1, 2] as $axis) {
            $back[$axis] = cos($corner) * $front[$axis] + sin($corner) * $aside[$axis];
        }
        // In the back's plane, along the file, to where it meets the plate's side.
        $share = -$back[1] / $along[1];
        [$x, $z] = [$back[0] + $share * $along[0], $back[2] + $share * $along[2]];

        return atan2($x, $z);
    }

    private static function squareToFile(SawTeethInput $saw, float $length, float $lean, int $side): float
    {
        $flank = self::squareTo([$side * sin($lean) * $length, 0.0, cos($lean) * $length], self::fileAlong($saw));

        return sqrt($flank[0] ** 2 + $flank[1] ** 2 + $flank[2] ** 2);
    }

    /** @return array{float, float, float} of length one */
    private static function fileAlong(SawTeethInput $saw): array
    {
        $level = Angle::cos($saw->slopeDeg);

        return [Angle::sin($saw->fleamDeg) * $level, Angle::cos($saw->fleamDeg) * $level, -Angle::sin($saw->slopeDeg)];
    }

    /**
     * What of a direction is square to another.
     *
     * @param  array{float, float, float}  $of
     * @param  array{float, float, float}  $along
     * @return array{float, float, float}
     */
    private static function squareTo(array $of, array $along): array
    {
        $in = $of[0] * $along[0] + $of[1] * $along[1] + $of[2] * $along[2];

        return [$of[0] - $in * $along[0], $of[1] - $in * $along[1], $of[2] - $in * $along[2]];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     * @return array{float, float, float}
     */
    private static function cross(array $one, array $other): array
    {
        return [
            $one[1] * $other[2] - $one[2] * $other[1],
            $one[2] * $other[0] - $one[0] * $other[2],
            $one[0] * $other[1] - $one[1] * $other[0],
        ];
    }
}
