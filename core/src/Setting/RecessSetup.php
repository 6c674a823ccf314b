<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * How a plough, fillister, rebate or dado plane is set for a recess, and how it is cut.
 *
 * One iron as wide as the recess; else, where it may overhang the edge, the narrowest wider one; else the widest
 * narrower one in ⌈width/iron⌉ passes set evenly, the one furthest from the fence first (from memory). A pass is begun
 * at the far end and every stroke starts a step further back, so that the fence cannot wander into uncut wood (common
 * practice).
 */
#[Calculates('recess-setup', 'Setting of a plane for a rebate, groove or dado')]
final class RecessSetup
{
    private const NEAR = 1e-9;

    public function __invoke(RecessSetupInput $recess): RecessSetupResult
    {
        $passes = self::passes($recess);
        $shavings = Rounding::up($recess->depthMm / $recess->shavingMm);
        $starts = self::starts($recess);

        return new RecessSetupResult(
            RecessName::of($recess->isAtEdge(), $recess->grain),
            $recess->ironMm,
            $passes,
            $shavings,
            count($passes) * ($shavings + count($starts) - 1),
            $starts,
            $recess->stockThicknessMm - $recess->depthMm,
            array_map(
                static fn (RecessWarning $one): string => $one->value,
                self::warnings($recess, $passes),
            ),
        );
    }

    /** @return non-empty-list<RecessPass> */
    private static function passes(RecessSetupInput $recess): array
    {
        if ($recess->overhangs()) {
            return [new RecessPass($recess->widthMm - $recess->ironMm, 0.0, $recess->widthMm)];
        }
        $count = max(1, Rounding::up($recess->widthMm / $recess->ironMm));
        $spare = $recess->widthMm - $recess->ironMm;

        return array_map(static function (int $pass) use ($recess, $count, $spare): RecessPass {
            $at = $recess->fromEdgeMm + ($count === 1 ? 0.0 : $spare * $pass / ($count - 1));

            return new RecessPass($at, $at, min($at + $recess->ironMm, $recess->fromEdgeMm + $recess->widthMm));
        }, range($count - 1, 0));
    }

    /** @return non-empty-list<float> mm from the near end, the far one first */
    private static function starts(RecessSetupInput $recess): array
    {
        $steps = Rounding::up($recess->lengthMm / $recess->startStepMm);
        $count = $recess->starts();
        $step = $count < $steps ? $recess->lengthMm / $count : $recess->startStepMm;

        return array_map(
            static fn (int $stroke): float => max(0.0, $recess->lengthMm - ($stroke + 1) * $step),
            range(0, $count - 1),
        );
    }

    /**
     * @param  non-empty-list<RecessPass>  $passes
     * @return list<RecessWarning>
     */
    private static function warnings(RecessSetupInput $recess, array $passes): array
    {
        $isAcross = $recess->grain === RecessGrain::Across;
        $furthest = max(array_map(static fn (RecessPass $pass): float => $pass->fenceMm, $passes));
        $told = [
            [RecessWarning::ClampABatten, $recess->fenceMaxMm === null],
            [RecessWarning::FenceTooShort, $recess->fenceMaxMm !== null
                && $furthest > $recess->fenceMaxMm + self::NEAR],
            [RecessWarning::SeverTheWallsFirst, $isAcross && ! $recess->nickers],
            [RecessWarning::StraightIronAcrossGrain, $isAcross && ! $recess->skewed],
            [RecessWarning::StopByGaugeLine, ! $recess->depthStop],
            [RecessWarning::DeeperThanHalf, $recess->depthMm > $recess->stockThicknessMm / 2 + self::NEAR],
        ];

        return array_column(array_filter($told, static fn (array $one): bool => $one[1]), 0);
    }
}
