<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * A straightedge tested against itself: drawn along, turned over its long axis, drawn along again.
 *
 * The lines part by twice the error: deviation = gap/2. Straightness is the minimum zone (ISO 12780), square to the
 * edge's length. To be removed: what stands above the line below the edge that takes least in total
 * ({@see Profile::removeMm}). Shavings at a station as in {@see ShavingMap}: the nearest whole number.
 * Source: reversal, common practice.
 */
#[Calculates('straightedge-reversal', 'Error of a straightedge from its reversal test')]
final class StraightedgeReversal
{
    public function __invoke(StraightedgeReversalInput $test): StraightedgeReversalResult
    {
        $profile = new Profile($test->stationsMm, array_map(static fn (float $gap): float => $gap / 2, $test->gapsMm));
        $remove = $profile->removeMm();

        return new StraightedgeReversalResult(
            $profile->heightsMm,
            $profile->zoneMm(),
            $test->stationsMm[(int) array_search(max([0.0, ...$remove]), $remove, true)],
            EdgeShape::of($profile, $test->toleranceMm),
            $remove,
            self::shavings($remove, $test->shavingMm),
        );
    }

    /**
     * @param  list<float>  $removeMm
     * @return list<int>|null null: nothing is known of the shaving
     */
    public static function shavings(array $removeMm, ?float $shavingMm): ?array
    {
        return $shavingMm === null
            ? null
            : array_map(static fn (float $remove): int => Rounding::nearest($remove / $shavingMm), $removeMm);
    }
}
