<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * Turns of a brace as a measure of depth: the screw pulls the bit by its lead at each.
 *
 * Counted from the screw's first bite. To a depth (depth + screw)/lead turns; through, until the tip shows, at
 * through/lead, then from the other side in the small hole, screw/lead turns from where the spurs touch: no breakout
 * (common practice). As long as the screw holds: in end grain and very hard wood it can strip.
 */
#[Calculates('bore-turns', 'Turns of the brace to a depth, or through')]
final class BoreTurns
{
    private const NEAR = 1e-9;

    public function __invoke(BoreTurnsInput $hole): BoreTurnsResult
    {
        $toTip = $hole->depthMm === null ? (float) $hole->throughMm : $hole->depthMm + $hole->screwMm;
        $turns = $toTip / $hole->leadMm;
        $second = $hole->throughMm === null ? null : $hole->screwMm / $hole->leadMm;
        $isInBoard = $hole->depthMm !== null && $hole->boardMm !== null;

        return new BoreTurnsResult(
            $turns,
            Rounding::nearest($turns * 4),
            $hole->leadMm / 4,
            Rounding::up($turns * 360 / $hole->arcDeg),
            ($turns + ($second ?? 0.0)) * $hole->secondsPerTurn,
            $hole->depthMm === null ? null : $toTip,
            $isInBoard ? $toTip > $hole->boardMm + self::NEAR : null,
            $second,
            $hole->throughMm === null ? null : $hole->throughMm - $hole->screwMm,
        );
    }
}
