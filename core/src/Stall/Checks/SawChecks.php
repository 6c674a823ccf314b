<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on saws. */
final class SawChecks
{
    public static function teethHard(): Check
    {
        return new Check(
            'hard',
            'Try a tooth with a file, or look for blue tips.',
            'The file bites.',
            'file',
            null,
            'Hardened teeth cannot be filed: it is a saw for so long as it cuts.',
        );
    }

    public static function kinks(): Check
    {
        return new Check(
            'kinks',
            'Bend the plate gently and look at the light run along it.',
            'One smooth gleam.',
            'kink',
            null,
            'A kink throws every stroke.',
        );
    }

    public static function bow(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'bow',
            'Sight along the teeth; hold a string from heel to toe and measure the gap.',
            'Straight.',
            'bow',
            new Mending('straighten the plate', 25),
            'A bow like that is for a saw doctor.',
            new Measured(['gap in the middle'], Counts::Itself, $soundMm, $lostMm, 60.0, 6.0),
        );
    }

    public static function backTight(): Check
    {
        return new Check(
            'back',
            'Take plate in one hand, back in the other, and try to move them.',
            'Tight, and the plate straight under it.',
            'back',
            new Mending('tap the back home', 20),
        );
    }

    public static function teethLeft(): Check
    {
        return new Check(
            'teeth',
            'Run your eye along the points.',
            'All there, of one height.',
            'teeth',
            new Mending('joint, shape and file them', 90, 4),
            'A row broken out in the middle.',
        );
    }

    public static function plateLeft(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'plate',
            'Measure the plate at its toe, from tooth to back.',
            'Enough to file for years.',
            'plate',
            new Mending('a shallow plate: worth less', 0, 15),
            'Filed away.',
            new Measured(['plate at the toe'], Counts::Itself, $soundMm, $lostMm, 400.0, 0.0, true, 'depth'),
        );
    }

    public static function sawHandle(): Check
    {
        return new Check(
            'handle',
            'Take it as you would saw and twist.',
            'Whole horns, firm nuts, your hand fits.',
            'handle',
            new Mending('glue a horn, tighten the nuts', 40, 2),
        );
    }

    public static function frame(): Check
    {
        return new Check(
            'frame',
            'Draw the blade tight and twang it.',
            'It sings; the frame does not twist.',
            'frame',
            new Mending('a new string or wing nut', 30, 5),
            'The frame is bent or cracked.',
        );
    }

    public static function pins(): Check
    {
        return new Check(
            'pins',
            'Turn both holders through a whole turn.',
            'They turn together and stay.',
            'screw',
            new Mending('a new holder', 20, 8),
        );
    }
}
