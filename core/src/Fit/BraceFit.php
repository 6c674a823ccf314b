<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Timber\Hardness;

/**
 * Which sweep of brace for these bits.
 *
 * A bit of diameter d that goes in f a turn takes a torque T = c·d²·f, with c = 0.008, 0.0128, 0.016 N·m/mm³ in
 * soft, medium and hard wood. The handle goes round at half the sweep, so the hand gives T/(sweep/2). Model and
 * constants from memory, set so that a brace of 250 mm sweep just turns a bit of 25 mm in oak, which is done with one
 * every day (common practice, no source).
 */
#[Calculates('brace-fit', 'Which brace sweep for these bits')]
final class BraceFit
{
    private const MM_PER_M = 1000;

    public function __invoke(BraceFitInput $bit): BraceFitResult
    {
        $torque = self::torquePerVolume($bit->hardness) * $bit->diameterMm ** 2 * $bit->feedPerTurnMm;

        return new BraceFitResult(
            $torque,
            2 * self::MM_PER_M * $torque / $bit->handForceN,
            array_map(static function (float $sweepMm) use ($torque, $bit): BraceAtHand {
                $force = 2 * self::MM_PER_M * $torque / $sweepMm;

                return new BraceAtHand($sweepMm, $force, $force <= $bit->handForceN * (1 + 1e-12));
            }, $bit->sweepsMm),
        );
    }

    private static function torquePerVolume(Hardness $hardness): float
    {
        return match ($hardness) {
            Hardness::Soft => 0.008,
            Hardness::Medium => 0.0128,
            Hardness::Hard => 0.016,
        };
    }
}
