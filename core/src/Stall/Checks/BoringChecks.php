<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on braces, drills and bits. */
final class BoringChecks
{
    public static function leadScrew(): Check
    {
        return new Check(
            'screw',
            'Look at the screw tip, feel its threads.',
            'Sharp threads to the point.',
            'leadscrew',
            new Mending('refresh the threads', 15),
            'No thread left: it will not pull itself in.',
        );
    }

    public static function spursTall(): Check
    {
        return new Check(
            'spurs',
            'Look at the spurs from the side.',
            'They stand well above the cutters.',
            'spurs',
            new Mending('file the cutters back', 20),
            'Filed away: it tears the rim of every hole.',
        );
    }

    public static function spursWide(): Check
    {
        return new Check(
            'wide',
            'Measure across the spurs, then across the twist behind them.',
            'The spurs are no narrower.',
            'caliper',
            null,
            'Filed on the outside: it jams in its own hole.',
            new Measured(['across the spurs', 'across the twist'], Counts::Over, 0.0, 0.0, 80.0),
        );
    }

    public static function jaws(): Check
    {
        return new Check(
            'jaws',
            'Close the chuck on a bit and pull.',
            'Both jaws close even and hold.',
            'jaws',
            new Mending('a new spring for the jaws', 25, 4),
            'Jaws broken or not its own.',
        );
    }

    public static function ratchet(): Check
    {
        return new Check(
            'ratchet',
            'Turn it both ways in all three settings.',
            'It clicks and holds.',
            'ratchet',
            new Mending('clean and oil the ratchet', 30),
        );
    }

    public static function pad(): Check
    {
        return new Check(
            'pad',
            'Press the pad on your chest and turn.',
            'It turns without a rattle.',
            'pad',
            new Mending('clean and oil the pad', 20),
            'The bearing has worn its seat.',
        );
    }

    public static function runout(): Check
    {
        return new Check(
            'true',
            'Turn it and watch a bit’s tip.',
            'It stays on one spot.',
            'roll',
            null,
            'The sweep is bent.',
        );
    }

    public static function gears(): Check
    {
        return new Check(
            'gears',
            'Turn the crank slowly.',
            'No tooth missing, no slip.',
            'ratchet',
            new Mending('clean and shim the gears', 40),
            'Broken teeth.',
        );
    }
}
