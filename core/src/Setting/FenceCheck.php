<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Calculates;

/**
 * Whether a plough's fence is parallel to its skate, and what must move.
 *
 * Yaw = atan((front − rear)/length). The skate, thick s, turned in a groove as wide as the iron, leaves
 * iron − (2·max(a, length − a)·|sin yaw| + s·cos yaw), a from the skate's front to the iron: below nought it binds.
 * Geometry; that the two ends are measured is common practice.
 */
#[Calculates('fence-check', 'Whether a fence is parallel to the skate')]
final class FenceCheck
{
    private const NEAR = 1e-9;

    public function __invoke(FenceCheckInput $plough): FenceCheckResult
    {
        $difference = $plough->frontMm - $plough->rearMm;
        $yaw = atan($difference / $plough->skateLengthMm);
        $clearance = self::clearanceMm($plough, $yaw);

        return new FenceCheckResult(
            rad2deg($yaw),
            ($plough->frontMm + $plough->rearMm) / 2,
            $difference,
            match (true) {
                $clearance !== null && $clearance < -self::NEAR => FenceVerdict::Binds,
                abs($difference) <= $plough->toleranceMm + self::NEAR => FenceVerdict::Parallel,
                $difference > 0 => FenceVerdict::WideInFront,
                default => FenceVerdict::WideBehind,
            },
            $clearance,
            $plough->targetMm === null ? null : $plough->targetMm - $plough->frontMm,
            $plough->targetMm === null ? null : $plough->targetMm - $plough->rearMm,
        );
    }

    private static function clearanceMm(FenceCheckInput $plough, float $yaw): ?float
    {
        if ($plough->skateMm === null) {
            return null;
        }
        $iron = $plough->ironFromFrontMm ?? $plough->skateLengthMm / 2;

        return $plough->ironMm - (
            2 * max($iron, $plough->skateLengthMm - $iron) * abs(sin($yaw)) + $plough->skateMm * cos($yaw)
        );
    }
}
