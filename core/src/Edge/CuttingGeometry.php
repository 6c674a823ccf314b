<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;

/**
 * How an iron stands to the wood.
 *
 * Included = bevel + back bevel. Bevel down: cutting = bed + back bevel, clearance = bed − bevel. Bevel up:
 * cutting = bed + bevel, clearance = bed − back bevel. Skewed by σ: tan(effective) = tan(cutting)·cos σ.
 * Source: plane trigonometry; the least clearance of 7° is common practice.
 */
#[Calculates('cutting-geometry', 'Cutting angle and clearance of an iron on its bed')]
final class CuttingGeometry
{
    private const LEAST_CLEARANCE_DEG = 7.0;

    public function __invoke(CuttingGeometryInput $iron): CuttingGeometryResult
    {
        $cutting = $iron->cuttingDeg();

        return new CuttingGeometryResult(
            $iron->bevelDeg + $iron->backBevelDeg,
            $cutting,
            $iron->clearanceDeg(),
            rad2deg(atan((Angle::sin($cutting) / Angle::cos($cutting)) * Angle::cos($iron->skewDeg))),
            self::warnings($iron->clearanceDeg()),
        );
    }

    /** @return list<string> */
    private static function warnings(float $clearanceDeg): array
    {
        return match (true) {
            $clearanceDeg < 0.0 => ['the heel rubs: it cannot cut'],
            $clearanceDeg < self::LEAST_CLEARANCE_DEG => [
                'the clearance is under 7°: it stops cutting as soon as the edge wears (common practice)',
            ],
            default => [],
        };
    }
}
