<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * Where a twisted board is high, from winding sticks at several places along it.
 *
 * Each station's two edge points stand at ± half its twist. Removed is what stands above the plane below all points
 * whose largest removal is least, and of those the one that takes least in total: one linear
 * program ({@see LinearProgram}). A plainly twisted board loses half its twist at each of its two high corners.
 * Source: plane geometry, common practice.
 */
#[Calculates('winding-map', 'A twisted board along its length')]
final class WindingMap
{
    /** How much the mean removal weighs beside the largest: so little that it only breaks ties. */
    private const TOTAL = 1e-6;

    public function __invoke(WindingMapInput $board): WindingMapResult
    {
        $twists = array_map(static fn (WindingStation $station): float => $station->readingMm * $board->boardWidthMm / $board->stickLengthMm, $board->stations);
        $points = [];
        $first = $board->stations[0]->atMm;
        $span = $board->stations[count($board->stations) - 1]->atMm - $first;
        foreach ($twists as $index => $twist) {
            // Places count from −1 to 1, so that the programs are of one size whatever the board's.
            $along = 2 * ($board->stations[$index]->atMm - $first) / $span - 1;
            $points[] = [-1.0, $along, -$twist / 2];
            $points[] = [1.0, $along, $twist / 2];
        }
        $remove = self::above(self::plane($points), $points);
        $corners = [];
        foreach ($remove as $index => $mm) {
            $corners[] = new WindingCorner($board->stations[intdiv($index, 2)]->atMm, $index % 2 === 0 ? BoardSide::Left : BoardSide::Right, $mm, $board->shavingMm === null ? null : Rounding::up($mm / $board->shavingMm));
        }

        return new WindingMapResult($corners, max([0.0, ...$twists]) - min([0.0, ...$twists]));
    }

    /**
     * Height, slope across and slope along of the plane.
     *
     * @param  list<array{float, float, float}>  $points
     * @return list<float>
     */
    private static function plane(array $points): array
    {
        // Unknown: height p, slopes q and r, and the largest removal M, which alone weighs: the total only decides between equals.
        $rows = [];
        foreach ($points as [$x, $y, $z]) {
            $rows[] = [[-1.0, -$x, -$y, 0.0], -$z];
            $rows[] = [[1.0, $x, $y, 1.0], $z];
        }
        $weight = self::TOTAL / count($points);

        return LinearProgram::least([-self::TOTAL, -$weight * array_sum(array_column($points, 0)), -$weight * array_sum(array_column($points, 1)), 1.0], $rows);
    }

    /**
     * @param  list<float>  $plane
     * @param  list<array{float, float, float}>  $points
     * @return list<float>
     */
    private static function above(array $plane, array $points): array
    {
        return array_map(static fn (array $point): float => max(0.0, self::clean($point[2] - $plane[0] - $plane[1] * $point[0] - $plane[2] * $point[1])), $points);
    }

    /** A removal thinner than a nanometre is the arithmetic's, not the board's. */
    private static function clean(float $mm): float
    {
        return abs($mm) < 1e-8 ? 0.0 : $mm;
    }
}
