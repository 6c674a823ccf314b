<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on chisels, knives and other blades. */
final class BladeChecks
{
    public static function pits(): Check
    {
        return new Check(
            'pits',
            'Look at the flat back, the last 20 mm before the edge.',
            'Smooth there; rust further up does no harm.',
            'pits',
            new Mending('grind back past the pits', 45),
            'Pitted all along: no edge will stay whole.',
        );
    }

    public static function edgeLeft(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'left',
            'Measure the steel that is left.',
            'Enough to grind for years.',
            'iron',
            new Mending('short: worth less', 0, 6),
            'Ground away.',
            new Measured(['steel left'], Counts::Itself, $soundMm, $lostMm, 500.0, 0.0, true),
        );
    }

    public static function handleTight(): Check
    {
        return new Check(
            'handle',
            'Pull and twist the handle.',
            'Firm and whole.',
            'handle',
            new Mending('a new handle', 30, 4),
        );
    }

    public static function flatBack(): Check
    {
        return new Check(
            'back',
            'Lay the back on something flat, or your rule across it.',
            'No belly.',
            'straightedge',
            new Mending('flatten the back', 25),
            null,
            new Measured(['gap under the rule'], Counts::Itself, 0.05, 1.0, 5.0, 150.0),
        );
    }
}
