<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * Shavings as a measure: so many full-width ones of known thickness take a board to its size.
 *
 * U(n) = 2·√(n·spread² + (n·u)² + measure²/12), u = resolution/√12/count of the pack: the spread of single shavings,
 * the error of the pack that all of them share, and one measurement. Source: JCGM 100; that shavings measure, common
 * practice.
 */
#[Calculates('shaving-count', 'Shavings that take wood to a size')]
final class ShavingCount
{
    private const NEAR = 1e-9;

    public function __invoke(ShavingCountInput $work): ShavingCountResult
    {
        $remove = $work->fromMm - $work->toMm;
        $each = $work->eachMm();
        $shavings = Rounding::nearest($remove / $each);

        return new ShavingCountResult(
            $remove,
            $each,
            $shavings,
            $work->faces === 1 ? [$shavings] : [intdiv($shavings + 1, 2), intdiv($shavings, 2)],
            $work->fromMm - $shavings * $each,
            self::expandedMm($work, $shavings),
            $work->toleranceMm === null ? null : self::measureAfter($work, $shavings, $work->toleranceMm),
            self::tiltDeg($work, $shavings * $each),
        );
    }

    private static function expandedMm(ShavingCountInput $work, int $shavings): float
    {
        return 2 * sqrt(
            $shavings * $work->spreadMm ** 2 +
            ($shavings * ($work->pack?->uncertaintyOfEachMm() ?? 0.0)) ** 2 +
            $work->measureMm ** 2 / 12,
        );
    }

    /** The doubt grows with each shaving, so the last count that bears it is found by halving. */
    private static function measureAfter(ShavingCountInput $work, int $shavings, float $tolerance): int
    {
        [$least, $most] = [0, $shavings];
        while ($least < $most) {
            $middle = intdiv($least + $most + 1, 2);
            self::expandedMm($work, $middle) <= $tolerance + self::NEAR ? ($least = $middle) : ($most = $middle - 1);
        }

        return $least;
    }

    private static function tiltDeg(ShavingCountInput $work, float $taken): ?float
    {
        if ($work->widthMm === null || $work->shavingWidthMm === null) {
            return null;
        }

        return $work->shavingWidthMm < $work->widthMm - self::NEAR ? rad2deg(atan($taken / $work->widthMm)) : 0.0;
    }
}
