<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on wheels, vices and stones. */
final class WheelAndViceChecks
{
    public static function rings(): Check
    {
        return new Check(
            'ring',
            'Hang the wheel on a finger and tap it with wood.',
            'A clear ring.',
            'ring',
            null,
            'A dull wheel is cracked: it bursts.',
        );
    }

    public static function guarded(): Check
    {
        return new Check(
            'guard',
            'Look for guard and rest.',
            'Both there, the rest close to the wheel.',
            'guard',
            new Mending('a new rest', 40, 25),
            'Without a guard it is not run.',
        );
    }

    public static function bearings(): Check
    {
        return new Check(
            'bearings',
            'Spin it and feel the arbor.',
            'Smooth, no play.',
            'roll',
            new Mending('new bearings', 60, 20),
        );
    }

    public static function castCrack(): Check
    {
        return new Check(
            'cracks',
            'Look for cracks and welds in the casting.',
            'None.',
            'crack',
            null,
            'A mended casting opens again.',
        );
    }

    public static function screwRuns(): Check
    {
        return new Check(
            'screw',
            'Run the screw from end to end.',
            'It runs; half a turn of play at most.',
            'screw',
            new Mending('clean and grease the screw', 40, 2),
            'Stripped threads.',
        );
    }

    public static function jawsMeet(): Check
    {
        return new Check(
            'jaws',
            'Close it on a sheet of paper at both sides and pull.',
            'It holds at both.',
            'jaws',
            new Mending('new linings, set parallel', 60, 8),
        );
    }

    public static function stoneCracks(): Check
    {
        return new Check(
            'cracks',
            'Wet it and look for lines.',
            'None across it.',
            'crack',
            null,
            'It will part there.',
        );
    }

    public static function stoneHollow(): Check
    {
        return new Check(
            'hollow',
            'Lay your rule across it and push in feelers.',
            'Flat.',
            'straightedge',
            new Mending('flatten it', 15),
            'More stone would go than is worth it.',
            new Measured(['gap under the rule'], Counts::Itself, 0.1, 2.5, 20.0, 30.0),
        );
    }
}
