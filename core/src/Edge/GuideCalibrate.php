<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;

/**
 * Where a honing guide's axle is, from measured settings.
 *
 * The blade's back is the x-axis, the edge at the origin; the stone touches edge and roller, so for projection P and
 * angle β: (P + x)·sin β − y·cos β = r. Two settings solve it, more by least squares on that equation (normal
 * equations). The residual is the largest difference between a setting's angle and the one the answer gives it.
 */
#[Calculates('guide-calibrate', 'A honing guide’s axle from measured settings')]
final class GuideCalibrate
{
    public function __invoke(GuideCalibrateInput $guide): GuideCalibrateResult
    {
        $radius = $guide->rollerDiameterMm / 2;
        [$ss, $sc, $cc, $sb, $cb] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($guide->settings as $setting) {
            [$s, $c] = [Angle::sin($setting->angleDeg), -Angle::cos($setting->angleDeg)];
            $b = $radius - $setting->projectionMm * $s;
            [$ss, $sc, $cc, $sb, $cb] = [$ss + $s * $s, $sc + $s * $c, $cc + $c * $c, $sb + $s * $b, $cb + $c * $b];
        }
        $determinant = $ss * $cc - $sc * $sc;
        $setback = ($sb * $cc - $cb * $sc) / $determinant;
        $drop = ($ss * $cb - $sc * $sb) / $determinant;

        return new GuideCalibrateResult($setback, $drop, self::residualDeg($guide->settings, $radius, $setback, $drop));
    }

    /** @param  list<GuideSetting>  $settings */
    private static function residualDeg(array $settings, float $radius, float $setback, float $drop): float
    {
        $worst = 0.0;
        foreach ($settings as $index => $setting) {
            $reach = hypot($setting->projectionMm + $setback, $drop);
            if ($reach < $radius) {
                throw InvalidInput::because(
                    "settings[$index].projectionMm",
                    'would put the edge inside the roller: measure it again',
                );
            }
            $deg = rad2deg(atan2($drop, $setting->projectionMm + $setback) + asin($radius / $reach));
            $worst = max($worst, abs($deg - $setting->angleDeg));
        }

        return $worst;
    }
}
