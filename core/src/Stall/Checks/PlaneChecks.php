<?php

declare(strict_types=1);

namespace JackRest\Core\Stall\Checks;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;

/** What to look at on planes of metal. */
final class PlaneChecks
{
    /** @return list<Check> */
    public static function castBody(): array
    {
        return [
            new Check(
                'cracks',
                'Look for cracks: cheeks, mouth corners, behind the tote.',
                'No dark line, no brazed seam.',
                'crack',
                null,
                'A crack runs on under use.',
            ),
            new Check(
                'rust',
                'Rub the rust with a thumb.',
                'Brown film, no craters.',
                'rust',
                new Mending('take the rust off, wet and with a mask', 40, 3),
                'Craters in the sole or the iron’s back go deeper than you will work.',
            ),
        ];
    }

    public static function mouth(): Check
    {
        return new Check(
            'mouth',
            'Look through the mouth from below.',
            'One even slit, edges whole.',
            'mouth',
            new Mending('file the mouth even', 30),
            'A piece is broken out of it.',
        );
    }

    public static function bed(): Check
    {
        return new Check(
            'bed',
            'Take the iron out; press the frog and look for light under it.',
            'It sits on four places and does not rock.',
            'bed',
            new Mending('bed the frog with a file', 45),
            'A seat is broken off.',
        );
    }

    public static function ironLeft(): Check
    {
        return new Check(
            'iron',
            'Measure the iron from its slot to the edge.',
            'Enough steel for years.',
            'iron',
            new Mending('a new iron', 15, 30),
            null,
            new Measured(['iron left beyond the slot'], Counts::Itself, 15.0, 0.0, 120.0, 0.0, true),
        );
    }

    public static function screws(): Check
    {
        return new Check(
            'screws',
            'Turn every screw and the depth wheel.',
            'All there, none stripped.',
            'screw',
            new Mending('a screw or a nut found', 20, 8),
            'A part is missing that nobody sells.',
        );
    }

    public static function handles(): Check
    {
        return new Check(
            'handles',
            'Take both handles and twist.',
            'Whole and firm.',
            'handle',
            new Mending('a new handle, glued or made', 60, 4),
        );
    }

    public static function sole(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'sole',
            'Lay your straightedge along the sole and across both corners; push in feelers.',
            'No gap at toe, mouth and heel.',
            'straightedge',
            new Mending('flatten the sole', 20),
            'So hollow takes more iron off than you would.',
            new Measured(['largest gap under it'], Counts::Itself, $soundMm, $lostMm, 10.0, 180.0),
        );
    }

    public static function sidesSquare(): Check
    {
        return new Check(
            'sides',
            'Hold a square against sole and side; sight the light.',
            'Square at both ends, both sides.',
            'square',
            new Mending('true the side', 60),
            'Far out of square it cuts no shoulder.',
        );
    }

    public static function soleBends(): Check
    {
        return new Check(
            'bends',
            'Bend the sole with its screw to both ends of its way.',
            'One even curve, no kink, no crack.',
            'bow',
            null,
            'A kinked sole cuts no fair curve.',
        );
    }
}
