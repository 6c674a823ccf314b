<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What shows that a step of sharpening is done; common practice. */
enum StepSign
{
    /** The one stone there is. */
    case OnePolish;
    case BurrAllAlong;
    case FinerScratches;
    /** The last of several stones. */
    case LastScratchGone;
    case GroundOnWheel;
    case GroundOnStone;
    case Stropped;

    /** @param  int  $index  which stone, from 0 */
    public static function ofStone(int $index, int $stones): self
    {
        return match (true) {
            $stones === 1 => self::OnePolish,
            $index === 0 => self::BurrAllAlong,
            $index === $stones - 1 => self::LastScratchGone,
            default => self::FinerScratches,
        };
    }
}
