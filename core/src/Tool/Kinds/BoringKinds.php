<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;

/** What makes holes. Common practice; prices invented. */
final class BoringKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [
            new ToolKind(
                'brace',
                'brace',
                'A crank for bits; the longer its sweep the more torque.',
                'Large holes, countersinks and screws.',
                'A worn chuck lets the bit wobble; no ratchet, no corners.',
                'brace',
                Group::Boring,
                45,
                [
                    Dimension::length('sweep', 'sweep', 250, 120, 400)->asked(),
                    Dimension::length('length', 'length', 340, 200, 450),
                ],
                series: [['sweep' => 200], ['sweep' => 250], ['sweep' => 300]],
            ),
            new ToolKind(
                'auger-bits',
                'set of auger bits',
                'Twist bits with lead screw and spurs, in sixteenths.',
                'Clean deep holes; the screw pulls the bit in.',
                'Spurs filed on the outside bore small and bind.',
                'bits',
                Group::Boring,
                70,
                [
                    Dimension::length('smallest', 'smallest bit', 6, 3, 20)->asked(),
                    Dimension::length('largest', 'largest bit', 25, 6, 40)->asked(),
                    Dimension::length('leadPitch', 'pitch of the lead screw', 1.5, 0.8, 4),
                    Dimension::length('length', 'length', 220, 100, 350),
                ],
                ['brace'],
                ['auger-file'],
            ),
            new ToolKind(
                'expansive-bit',
                'expansive bit',
                'A cutter that slides out to any diameter.',
                'One-off large holes.',
                'Slow; it needs a long sweep.',
                'bits',
                Group::Boring,
                30,
                [
                    Dimension::length('smallest', 'smallest hole', 22, 12, 40)->asked(),
                    Dimension::length('largest', 'largest hole', 76, 30, 100)->asked(),
                    Dimension::length('leadPitch', 'pitch of the lead screw', 1.5, 0.8, 4),
                    Dimension::length('length', 'length', 200, 100, 300),
                ],
                ['brace'],
            ),
            new ToolKind(
                'hand-drill',
                'hand drill',
                'A crank and a gear turn small bits fast.',
                'Holes up to 8 mm.',
                'Sideways pressure snaps thin bits.',
                'hand-drill',
                Group::Boring,
                35,
                [
                    Dimension::length('largest', 'largest bit', 8, 3, 13)->asked(),
                    Dimension::length('length', 'length', 300, 200, 400),
                ],
                runningPerYear: 3,
            ),
            new ToolKind(
                'bradawl',
                'bradawl',
                'A small chisel point that parts the fibres.',
                'Start screws, and mark centres.',
                'Turned with the grain first, it splits.',
                'awl',
                Group::Boring,
                10,
                [Dimension::length('length', 'length', 140, 80, 250)],
            ),
            new ToolKind(
                'battery-drill',
                'battery drill',
                'For anyone not working purely by hand.',
                'Any hole, with the bits it came with.',
                'Fast: clamp the work, back it up.',
                'hand-drill',
                Group::Boring,
                110,
                [
                    Dimension::length('largest', 'largest bit', 25, 6, 40)->asked(),
                    Dimension::length('length', 'length', 220, 150, 350),
                ],
                runningPerYear: 5,
            ),
            new ToolKind(
                'countersink',
                'countersink for the brace',
                'A cone with teeth.',
                'Sinks screw heads, eases rims.',
                'Chatter comes of haste.',
                'bits',
                Group::Boring,
                12,
                [
                    Dimension::length('largest', 'largest head', 16, 6, 30)->asked(),
                    Dimension::length('length', 'length', 120, 60, 200),
                ],
                ['brace'],
            ),
            new ToolKind(
                'screwdriver-bits',
                'screwdriver bits for the brace',
                'Flat and cross bits with a square tang.',
                'Drive screws with all the torque one could want.',
                'A brace shears small screws.',
                'bits',
                Group::Boring,
                14,
                [Dimension::length('length', 'length', 130, 60, 250)],
                ['brace'],
            ),
            new ToolKind(
                'dowel-plate',
                'dowel plate',
                'Hardened holes to drive pegs through.',
                'True dowels and pegs of any wood.',
                'Rounded rims crush instead of cut.',
                'plate',
                Group::Boring,
                40,
                [
                    Dimension::length('largest', 'largest dowel', 12, 6, 25)->asked(),
                    Dimension::length('length', 'length', 150, 60, 250),
                    Dimension::length('width', 'width', 40, 20, 80),
                ],
                ['mallet'],
            ),
            new ToolKind(
                'tapered-reamer',
                'tapered reamer',
                'A cone with a blade.',
                'Tapered sockets for legs.',
                'Stop and test: wood does not come back.',
                'bits',
                Group::Boring,
                60,
                [
                    Dimension::length('largest', 'largest diameter', 30, 15, 45)->asked(),
                    Dimension::length('length', 'length', 220, 100, 350),
                ],
                ['brace', Need::Hone],
            ),
        ];
    }
}
