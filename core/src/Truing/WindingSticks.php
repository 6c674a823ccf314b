<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * Twist of a board seen over winding sticks.
 *
 * Longer sticks show it larger: twist = reading · width/stick length. With the far stick turned end for end the
 * board is the mean of both readings, the stick's own error half their difference. Each of the two high corners is
 * down by half the twist. Bow is not seen. Source: common practice; plane geometry.
 */
#[Calculates('winding-sticks', 'Twist of a board under winding sticks')]
final class WindingSticks
{
    public function __invoke(WindingSticksInput $sight): WindingSticksResult
    {
        $board =
            $sight->turnedReadingMm === null ? $sight->readingMm : ($sight->readingMm + $sight->turnedReadingMm) / 2;
        $twist = ($board * $sight->boardWidthMm) / $sight->stickLengthMm;

        return new WindingSticksResult(
            $twist,
            rad2deg(atan($board / $sight->stickLengthMm)),
            $sight->stickLengthMm / $sight->boardWidthMm,
            abs($twist) / 2,
            $sight->turnedReadingMm === null ? null : ($sight->readingMm - $sight->turnedReadingMm) / 2,
            $sight->shavingMm === null ? null : Rounding::up(abs($twist) / 2 / $sight->shavingMm),
        );
    }
}
