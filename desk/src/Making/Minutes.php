<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Shelf\WantedPiece;

/** How long the usual jobs take, minutes; all from memory, for somebody who has done them a few times. */
final class Minutes
{
    private const SET_UP = 5.0;

    /** Rough board to finished face, mm² a minute. */
    private const PLANED_PER_MINUTE = 3500.0;

    /** Sawn through, mm² a minute. */
    private const SAWN_PER_MINUTE = 900.0;

    /** All four sides and both ends of a piece. */
    public static function toPrepare(WantedPiece $piece, int $count = 1): float
    {
        $sides = 2 * $piece->lengthMm * ($piece->widthMm + $piece->thicknessMm);

        return round(
            self::SET_UP +
                $count * ($sides / self::PLANED_PER_MINUTE + 2 * self::sawn($piece->widthMm * $piece->thicknessMm)),
        );
    }

    /** So much of a cut. */
    public static function sawn(float $mm2): float
    {
        return $mm2 / self::SAWN_PER_MINUTE;
    }

    /** Planed true again after a rest. */
    public static function toTrue(WantedPiece $piece): float
    {
        return round(self::SET_UP + ($piece->lengthMm * $piece->widthMm) / self::PLANED_PER_MINUTE);
    }
}
