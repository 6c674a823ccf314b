<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on squares, bevels and rules. */
final class LayoutChecks
{
    public static function straight(): Check
    {
        return new Check(
            'straight',
            'Roll it on the table.',
            'It does not wobble.',
            'roll',
            new Mending('straighten it', 20),
            'Bent in the twist.',
        );
    }

    public static function joint(): Check
    {
        return new Check(
            'joint',
            'Take stock and blade and try to move them.',
            'Not the least play.',
            'square',
            null,
            'A loose joint cannot be trusted again.',
        );
    }

    public static function flip(): Check
    {
        return new Check(
            'flip',
            'Draw a line from the stall’s own straight edge, turn the square over, draw again; measure the gap at '
                .'the tip.',
            'One line.',
            'flip',
            new Mending('true the blade', 25),
            'Further out than a blade can give.',
            new Measured(['gap between the lines'], Counts::Half, 0.1, 1.0, 20.0, 60.0),
        );
    }

    public static function lock(): Check
    {
        return new Check(
            'lock',
            'Lock it and push hard.',
            'It does not creep.',
            'stop',
            new Mending('a new wedge or screw', 20, 3),
        );
    }
}
