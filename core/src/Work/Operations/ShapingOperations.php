<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Curves, rounds and holes. Common practice; grades and minutes from memory. */
final class ShapingOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::curves(), ...self::holes(), ...self::pegs()];
    }

    /** @return list<Operation> */
    private static function curves(): array
    {
        return [
            new Operation('saw-curve', 'saw a curve', 'Near the line, all along.', [
                new Way(['bow-saw', 'bench-vice'], 5, 6, 'turned to follow the line'),
                new Way(
                    ['coping-saw', 'bench-vice'],
                    4,
                    10,
                    'in stock up to 25 mm',
                    conditions: [When::workAtMost(Fact::Thickness, 25)],
                ),
                new Way(['carcase-saw', 'bench-chisel', 'mallet'], 2, 18, 'kerfs down to the line, waste chopped off'),
            ]),
            new Operation('shape-convex', 'shape a round edge', 'An outside curve.', [
                new Way(['flat-spokeshave'], 5, 5, 'fair curves, downhill both ways'),
                new Way(
                    ['compass-plane'],
                    5,
                    4,
                    'set to the curve',
                    setUp: 3,
                    guided: true,
                    conditions: [When::atMost('compass-plane', 'radius', Fact::Radius)],
                ),
                new Way(['drawknife'], 3, 6, 'fast, then it wants smoothing', skill: 3),
                new Way(['coarse-rasp', 'fine-rasp'], 3, 14, 'rasped to the line'),
                new Way(['block-plane'], 3, 9, 'in many small flats'),
            ]),
            new Operation('shape-concave', 'shape a hollow edge', 'An inside curve.', [
                new Way(
                    ['round-spokeshave'],
                    5,
                    6,
                    'fair curves, downhill both ways',
                    conditions: [When::atMost('round-spokeshave', 'radius', Fact::Radius)],
                ),
                new Way(
                    ['compass-plane'],
                    5,
                    4,
                    'set to the curve',
                    setUp: 3,
                    guided: true,
                    conditions: [When::atMost('compass-plane', 'radius', Fact::Radius)],
                ),
                new Way(['coarse-rasp', 'fine-rasp', 'card-scraper'], 3, 18, 'rasped, then scraped'),
                new Way(
                    ['bench-gouge', 'mallet'],
                    3,
                    16,
                    'cut with a gouge',
                    skill: 3,
                    conditions: [When::atMost('bench-gouge', 'radius', Fact::Radius)],
                ),
            ]),
            new Operation('round', 'make round', 'Square, eight sides, sixteen, round.', [
                new Way(['drawknife', 'flat-spokeshave'], 5, 10, 'shaved with the grain'),
                new Way(['jack-plane', 'flat-spokeshave'], 4, 14, 'planed to eight and sixteen sides'),
                new Way(['block-plane', 'sanding-block'], 3, 20, 'planed to many sides'),
                new Way(['carving-knife'], 2, 30, 'whittled', conditions: [When::workAtMost(Fact::Diameter, 20)]),
            ]),
            new Operation('hollow', 'hollow a surface', 'A seat, a tray, a scoop.', [
                new Way(['bench-gouge', 'mallet'], 4, 30, 'across the grain first'),
                new Way(['round-spokeshave', 'coarse-rasp'], 2, 50, 'shallow hollows only'),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function holes(): array
    {
        return [
            new Operation(
                'bore',
                'bore holes',
                'Clean, and where they were marked.',
                [
                    new Way(
                        ['brace', 'auger-bits', 'bradawl'],
                        5,
                        3,
                        'from one side until the tip shows, then from the other',
                        conditions: [
                            When::atMost('auger-bits', 'smallest', Fact::Diameter),
                            When::atLeast('auger-bits', 'largest', Fact::Diameter),
                            When::sweepTurns('brace'),
                        ],
                    ),
                    new Way(
                        ['hand-drill'],
                        4,
                        3,
                        'for small holes',
                        conditions: [When::atLeast('hand-drill', 'largest', Fact::Diameter)],
                    ),
                    new Way(
                        ['battery-drill'],
                        4,
                        1,
                        'fast; back the work up',
                        skill: 1,
                        conditions: [When::atLeast('battery-drill', 'largest', Fact::Diameter)],
                    ),
                    new Way(
                        ['brace', 'expansive-bit', 'bradawl'],
                        3,
                        7,
                        'set to the diameter',
                        setUp: 2,
                        conditions: [
                            When::atMost('expansive-bit', 'smallest', Fact::Diameter),
                            When::atLeast('expansive-bit', 'largest', Fact::Diameter),
                            When::sweepTurns('brace'),
                        ],
                    ),
                ],
                byMachine: true,
            ),
            new Operation('ream-taper', 'ream a tapered socket', 'For a leg that tightens under load.', [
                new Way(
                    ['tapered-reamer'],
                    5,
                    5,
                    'a turn, a look, a turn',
                    conditions: [When::atLeast('tapered-reamer', 'largest', Fact::Diameter)],
                ),
                new Way(['bench-gouge', 'coarse-rasp'], 2, 25, 'pared and rasped to a test cone', skill: 3),
            ]),
            new Operation('start-screw', 'start a screw', 'So that it does not split the wood.', [
                new Way(['bradawl'], 4, 0.5, 'turned across the grain', skill: 1),
                new Way(['hand-drill'], 5, 1, 'a hole of the core’s size', skill: 1),
                new Way(['battery-drill'], 5, 0.5, 'a hole of the core’s size', skill: 1),
            ]),
            new Operation('countersink', 'countersink a screw', 'Head level with the surface.', [
                new Way(['countersink'], 5, 1, 'slow turns', skill: 1),
                new Way(['bench-gouge'], 2, 4, 'pared round'),
            ]),
            new Operation('drive-screw', 'drive screws', 'Home, and not past it.', [
                new Way(['screwdriver-bits'], 5, 1, 'all the torque one could want', skill: 1),
                new Way(['battery-drill'], 4, 0.5, 'with the clutch set low', skill: 1),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function pegs(): array
    {
        return [
            new Operation('make-pegs', 'make pegs', 'Straight-grained, and of one size.', [
                new Way(
                    ['hatchet', 'dowel-plate'],
                    5,
                    3,
                    'split, then driven through the plate',
                    conditions: [When::atLeast('dowel-plate', 'largest', Fact::Diameter)],
                ),
                new Way(
                    ['bench-chisel', 'mallet', 'dowel-plate'],
                    4,
                    4,
                    'split with a chisel, driven through the plate',
                    conditions: [When::atLeast('dowel-plate', 'largest', Fact::Diameter)],
                ),
                new Way(['carving-knife'], 3, 8, 'whittled to a test hole'),
            ]),
            new Operation('flush-trim', 'trim plugs and dowels flush', 'Level with the surface, without a scar.', [
                new Way(['flush-saw', 'bench-chisel'], 5, 1, 'sawn flat on the surface, pared'),
                new Way(['dovetail-saw', 'bench-chisel'], 3, 3, 'sawn over a card, pared level'),
                new Way(['fine-pull-saw', 'bench-chisel'], 4, 2, 'sawn over a card, pared level'),
                new Way(['block-plane'], 4, 2, 'planed down, skewed'),
                new Way(['bench-chisel'], 3, 4, 'pared in from both sides', skill: 3),
            ]),
        ];
    }
}
