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
 * program ({@see Plane}). A plainly twisted board loses half its twist at each of its two high corners.
 * Source: plane geometry, common practice.
 */
#[Calculates('winding-map', 'A twisted board along its length')]
final class WindingMap
{
    public function __invoke(WindingMapInput $board): WindingMapResult
    {
        $twists = array_map(
            static fn (WindingStation $station): float => ($station->readingMm * $board->boardWidthMm) /
                $board->stickLengthMm,
            $board->stations,
        );
        $points = [];
        $first = $board->stations[0]->atMm;
        $span = $board->stations[count($board->stations) - 1]->atMm - $first;
        foreach ($twists as $index => $twist) {
            // Places count from −1 to 1, so that the programs are of one size whatever the board's.
            $along = (2 * ($board->stations[$index]->atMm - $first)) / $span - 1;
            $points[] = [-1.0, $along, -$twist / 2];
            $points[] = [1.0, $along, $twist / 2];
        }
        $remove = Plane::below($points)->above($points);
        $corners = [];
        foreach ($remove as $index => $mm) {
            $corners[] = new WindingCorner(
                $board->stations[intdiv($index, 2)]->atMm,
                $index % 2 === 0 ? BoardSide::Left : BoardSide::Right,
                $mm,
                $board->shavingMm === null ? null : Rounding::up($mm / $board->shavingMm),
            );
        }

        return new WindingMapResult($corners, max([0.0, ...$twists]) - min([0.0, ...$twists]));
    }
}
