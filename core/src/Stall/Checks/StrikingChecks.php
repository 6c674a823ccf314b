<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Mending;

/** What to look at on hammers, mallets and hatchets. */
final class StrikingChecks
{
    public static function headTight(): Check
    {
        return new Check(
            'head',
            'Swing it, look at the wedge.',
            'The head does not move.',
            'head',
            new Mending('a new handle and wedge', 40, 10),
            null,
        );
    }

    public static function faceSound(): Check
    {
        return new Check(
            'face',
            'Look at the face and the edges.',
            'No chips, no mushroom.',
            'crack',
            new Mending('grind the mushroom off', 30),
            'Cracked steel throws splinters.',
        );
    }

    public static function handleSound(): Check
    {
        return new Check(
            'handle',
            'Look along the grain of the handle.',
            'Straight grain, no crack.',
            'handle',
            new Mending('a new handle', 40, 10),
        );
    }
}
