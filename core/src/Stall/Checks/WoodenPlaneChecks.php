<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on planes of wood. */
final class WoodenPlaneChecks
{
    public static function splits(): Check
    {
        return new Check(
            'splits',
            'Look along the body and into its throat for splits.',
            'End checks are shallow, none reaches the throat.',
            'crack',
            new Mending('glue a check', 40, 2),
            'Split through the throat or the cheeks.',
        );
    }

    public static function worm(): Check
    {
        return new Check(
            'worm',
            'Knock it on your palm, look for fresh dust at the holes.',
            'Old holes, no dust.',
            'worm',
            new Mending('treat it', 20, 6),
            'Live worm spreads to your bench.',
        );
    }

    public static function wedge(): Check
    {
        return new Check(
            'wedge',
            'Tap the wedge home and pull at the iron.',
            'It holds, both legs touch.',
            'wedge',
            new Mending('a new wedge', 40, 1),
        );
    }

    public static function woodenMouth(): Check
    {
        return new Check(
            'mouth',
            'Look at the mouth from below.',
            'Narrow, and the sole before it not worn.',
            'mouth',
            new Mending('let a piece into the mouth', 70, 2),
        );
    }

    public static function wind(): Check
    {
        return new Check(
            'wind',
            'Sight along the sole over two straight things, your rule and its edge will do.',
            'Both lie in one plane.',
            'wind',
            new Mending('plane it out of wind', 40),
            'So twisted that the throat would open wide.',
        );
    }

    public static function fence(): Check
    {
        return new Check(
            'fence',
            'Set the fence anywhere; measure from it to the skate at both ends.',
            'The same at both ends.',
            'fence',
            new Mending('true the fence on its stems', 30),
            'It will not come parallel: no groove from it is straight.',
            new Measured(['at the front', 'at the back'], Counts::Apart, 0.2, 1.5, 250.0, 15.0),
        );
    }

    public static function stems(): Check
    {
        return new Check(
            'stems',
            'Roll the stems, or sight along them; slide them through.',
            'Straight, they slide and lock.',
            'stem',
            new Mending('a new stem or its wedge', 45, 3),
            'Bent stems of metal stay bent.',
        );
    }

    public static function depthStop(): Check
    {
        return new Check(
            'stop',
            'Set the depth stop and push hard.',
            'It stays.',
            'stop',
            new Mending('a new screw for the stop', 20, 3),
        );
    }

    public static function irons(): Check
    {
        return new Check(
            'irons',
            'Count the irons; feel for the groove in their backs.',
            'At least one that fits; one grooved from another plough usually does.',
            'iron',
            new Mending('irons from elsewhere', 20, 25),
        );
    }

    public static function skate(): Check
    {
        return new Check(
            'skate',
            'Lay your rule along both halves of the skate.',
            'In one line.',
            'straightedge',
            new Mending('set the skate straight', 40),
            'Bent: the groove will bind.',
            new Measured(['largest gap'], Counts::Itself, 0.15, 0.8, 10.0, 60.0),
        );
    }
}
