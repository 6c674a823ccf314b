<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;

/**
 * Where to start and stop each shaving so that every station loses what it should.
 *
 * Shavings at a station = the nearest whole number of remove/shaving, a half upward. The fewest strokes
 * that give these counts are the sum of the rises from station to station; they are nested, the shortest
 * over the high spots first and the through strokes last. Source: common practice; the count is the
 * standard result for building a staircase from intervals.
 */
#[Calculates('shaving-map', 'Start and stop of every shaving')]
final class ShavingMap
{
    // More strokes than anyone planes; beyond it a unit has been mistaken.
    private const MOST_STROKES = 20_000;

    public function __invoke(ShavingMapInput $edge): ShavingMapResult
    {
        $shavings = array_map(
            static fn (float $remove): int => Rounding::nearest($remove / $edge->shavingMm),
            $edge->removeMm,
        );
        self::refuseThousands($shavings);
        $passes = self::nested($shavings, $edge->stationsMm, 0, count($shavings) - 1, 0);
        usort(
            $passes,
            static fn (ShavingPass $a, ShavingPass $b): int => [$a->lengthMm(), $a->fromMm] <=> [
                $b->lengthMm(),
                $b->fromMm,
            ],
        );
        $residuals = array_map(
            static fn (float $remove, int $count): float => abs($remove - $count * $edge->shavingMm),
            $edge->removeMm,
            $shavings,
        );

        return new ShavingMapResult($shavings, $passes, count($passes), max([0.0, ...$residuals]));
    }

    /** @param  list<int>  $shavings */
    private static function refuseThousands(array $shavings): void
    {
        $strokes = $before = 0;
        foreach ($shavings as $count) {
            $strokes += max(0, $count - $before);
            $before = $count;
        }
        if ($strokes > self::MOST_STROKES) {
            throw InvalidInput::because('shavingMm', "is so thin that it takes $strokes strokes: check the units");
        }
    }

    /**
     * Through strokes over the whole span, then the same for what stands above them.
     *
     * @param  list<int>  $shavings
     * @param  list<float>  $stationsMm
     * @return list<ShavingPass>
     */
    private static function nested(array $shavings, array $stationsMm, int $first, int $last, int $taken): array
    {
        $lowest = min([PHP_INT_MAX, ...array_slice($shavings, $first, $last - $first + 1)]);
        $passes = [];
        for ($stroke = $taken; $stroke < $lowest; $stroke++) {
            $passes[] = new ShavingPass($stationsMm[$first], $stationsMm[$last]);
        }
        foreach (self::spansAbove($shavings, $first, $last, $lowest) as [$from, $to]) {
            array_push($passes, ...self::nested($shavings, $stationsMm, $from, $to, $lowest));
        }

        return $passes;
    }

    /**
     * @param  list<int>  $shavings
     * @return list<array{int, int}> first and last station of each run that stands above the level
     */
    private static function spansAbove(array $shavings, int $first, int $last, int $level): array
    {
        $spans = [];
        for ($station = $first; $station <= $last; $station++) {
            if ($shavings[$station] <= $level) {
                continue;
            }
            $open = $spans !== [] && $spans[count($spans) - 1][1] === $station - 1;
            $open ? ($spans[count($spans) - 1][1] = $station) : ($spans[] = [$station, $station]);
        }

        return $spans;
    }
}
