<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Calculates;

/**
 * One gauge setting for mortise and tenon, taken from the chisel that cuts the mortise.
 *
 * The mortise is as wide as a chisel: of those at most half the thinner of stile and rail, the one nearest a third of
 * it, on a tie the wider (common practice, no source). The same two points, gauged from the face sides, mark both
 * pieces, whose faces then come flush. Geometry.
 */
#[Calculates('mortise-layout', 'Setting of the mortise gauge, and what it leaves')]
final class MortiseLayout
{
    public function __invoke(MortiseLayoutInput $joint): MortiseLayoutResult
    {
        [$near, $far] = [$joint->nearMm(), $joint->farMm()];

        return new MortiseLayoutResult(
            $joint->chiselMm,
            [$near, $far],
            [$near, $joint->stockMm - $far],
            [$near, $joint->railThickMm - $far],
            $joint->tenonWidthMm(),
            $joint->depthMm,
            $joint->tenonWidthMm(),
            $joint->depthMm + ($joint->through ? 0.0 : $joint->bottomMm),
            $joint->depthMm,
        );
    }
}
