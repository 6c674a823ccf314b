<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Timber\Grain;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Sawing, chopping, paring and fitting of joints. Common practice; grades and minutes from memory. */
final class JointOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::sawing(), ...self::chopping(), ...self::fitting()];
    }

    /** @return list<Operation> */
    private static function sawing(): array
    {
        return [
            new Operation(
                'saw-dovetail',
                'saw dovetails to the line',
                'Short cuts along the grain, straight from the saw.',
                [
                    new Way(
                        ['dovetail-saw', 'bench-vice'],
                        5,
                        8,
                        'fine rip teeth leave the line, work upright in the vice',
                        conditions: [
                            When::atLeast('dovetail-saw', 'depth', Fact::Depth),
                            When::teethSuit('dovetail-saw'),
                            When::cuts('dovetail-saw', Grain::Along),
                        ],
                    ),
                    new Way(
                        ['fine-pull-saw', 'bench-vice'],
                        5,
                        8,
                        'thin kerf, fine rip teeth',
                        conditions: [When::teethSuit('fine-pull-saw')],
                    ),
                    new Way(
                        ['dovetail-saw', 'clamps'],
                        4,
                        10,
                        'work clamped against the bench’s edge',
                        conditions: [
                            When::atLeast('dovetail-saw', 'depth', Fact::Depth),
                            When::teethSuit('dovetail-saw'),
                            When::cuts('dovetail-saw', Grain::Along),
                        ],
                    ),
                    new Way(
                        ['fine-pull-saw', 'clamps'],
                        4,
                        10,
                        'work clamped against the bench’s edge',
                        conditions: [When::teethSuit('fine-pull-saw')],
                    ),
                    new Way(
                        ['backed-pull-saw', 'clamps'],
                        3,
                        12,
                        'crosscut teeth, but fine enough',
                        conditions: [When::atLeast('backed-pull-saw', 'depth', Fact::Depth)],
                    ),
                    new Way(
                        ['carcase-saw', 'clamps'],
                        2,
                        16,
                        'crosscut teeth wander along the grain',
                        skill: 3,
                        conditions: [When::atLeast('carcase-saw', 'depth', Fact::Depth)],
                    ),
                    new Way(
                        ['dovetail-saw'],
                        2,
                        14,
                        'work wedged upright in a notch of the bench’s edge',
                        skill: 3,
                        conditions: [
                            When::atLeast('dovetail-saw', 'depth', Fact::Depth),
                            When::teethSuit('dovetail-saw'),
                            When::cuts('dovetail-saw', Grain::Along),
                        ],
                    ),
                ],
            ),
            new Operation('saw-tenon-cheek', 'saw tenon cheeks', 'Deep cuts along the grain.', [
                new Way(
                    ['tenon-saw', 'bench-vice'],
                    5,
                    5,
                    'deep, stiff, rip teeth',
                    conditions: [
                        When::atLeast('tenon-saw', 'depth', Fact::Depth),
                        When::teethSuit('tenon-saw'),
                        When::cuts('tenon-saw', Grain::Along),
                    ],
                ),
                new Way(['double-edged-pull-saw', 'bench-vice'], 4, 6, 'no back, so no limit of depth'),
                new Way(
                    ['dovetail-saw', 'bench-vice'],
                    3,
                    10,
                    'for small tenons only',
                    conditions: [
                        When::atLeast('dovetail-saw', 'depth', Fact::Depth),
                        When::teethSuit('dovetail-saw'),
                        When::cuts('dovetail-saw', Grain::Along),
                    ],
                ),
                new Way(
                    ['rip-handsaw', 'bench-vice'],
                    3,
                    6,
                    'coarse; leave a millimetre to pare',
                    skill: 3,
                    conditions: [When::workAtLeast(Fact::Width, 60)],
                ),
                new Way(['bench-chisel', 'mallet'], 2, 15, 'split off in slices where the grain runs true', skill: 3),
            ]),
            new Operation('saw-tenon-shoulder', 'saw tenon shoulders', 'Across the grain to a knifed wall.', [
                new Way(
                    ['carcase-saw', 'bench-hook', 'marking-knife'],
                    5,
                    4,
                    'into a knifed nick along the line',
                    conditions: [
                        When::atLeast('carcase-saw', 'depth', Fact::Depth),
                        When::cuts('carcase-saw', Grain::Across),
                    ],
                ),
                new Way(
                    ['backed-pull-saw', 'bench-hook', 'marking-knife'],
                    5,
                    4,
                    'into a knifed nick along the line',
                    conditions: [When::atLeast('backed-pull-saw', 'depth', Fact::Depth)],
                ),
                new Way(
                    ['double-edged-pull-saw', 'bench-hook', 'marking-knife'],
                    3,
                    5,
                    'without a back it needs a light hand',
                    skill: 3,
                ),
                new Way(
                    ['dovetail-saw', 'bench-hook', 'marking-knife'],
                    3,
                    6,
                    'rip teeth leave a rough shoulder to pare',
                    conditions: [When::atLeast('dovetail-saw', 'depth', Fact::Depth)],
                ),
            ]),
            new Operation('saw-mitre', 'saw a mitre', 'At 45° across.', [
                new Way(
                    ['carcase-saw', 'mitre-box'],
                    4,
                    2,
                    'the slots guide it',
                    guided: true,
                    conditions: [
                        When::atLeast('carcase-saw', 'depth', Fact::Thickness),
                        When::atLeast('mitre-box', 'width', Fact::Width),
                    ],
                ),
                new Way(
                    ['backed-pull-saw', 'mitre-box'],
                    4,
                    2,
                    'the slots guide it',
                    guided: true,
                    conditions: [
                        When::atLeast('backed-pull-saw', 'depth', Fact::Thickness),
                        When::atLeast('mitre-box', 'width', Fact::Width),
                    ],
                ),
                new Way(['carcase-saw', 'mitre-square', 'marking-knife'], 3, 4, 'to a knifed line', skill: 3),
                new Way(['crosscut-handsaw', 'mitre-square'], 2, 5, 'coarse; shoot it after', skill: 3),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function chopping(): array
    {
        return [
            new Operation('clear-waste', 'clear waste between saw cuts', 'Between tails and pins.', [
                new Way(
                    ['fret-saw', 'bench-chisel'],
                    5,
                    8,
                    'the blade drops into the kerf; pared to the line',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Gap),
                        When::atLeast('bench-chisel', 'width', Fact::Gap, 0.25),
                    ],
                ),
                new Way(
                    ['coping-saw', 'bench-chisel'],
                    4,
                    9,
                    'sawn out, then pared to the line',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Gap),
                        When::atLeast('bench-chisel', 'width', Fact::Gap, 0.25),
                    ],
                ),
                new Way(
                    ['bench-chisel', 'mallet'],
                    3,
                    20,
                    'chopped from both faces; slower',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Gap),
                        When::atLeast('bench-chisel', 'width', Fact::Gap, 0.25),
                    ],
                ),
                new Way(
                    ['bench-chisel'],
                    1,
                    28,
                    'chopped with a block of hardwood, from both faces',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Gap),
                        When::atLeast('bench-chisel', 'width', Fact::Gap, 0.25),
                    ],
                ),
            ]),
            new Operation('chop-across', 'chop across the grain', 'Down to a baseline.', [
                new Way(
                    ['bench-chisel', 'mallet'],
                    4,
                    4,
                    'in thin slices to a gauged line',
                    conditions: [When::toolAtLeast('bench-chisel', 'width', 6)],
                ),
                new Way(['firmer-chisel', 'mallet'], 4, 4, 'stout, for heavy work'),
                new Way(['bench-chisel', 'soft-hammer'], 3, 5, 'with the side of a soft hammer'),
                new Way(['bench-chisel'], 1, 7, 'struck with a block of hardwood', skill: 3),
            ]),
            new Operation('pare', 'pare to the line', 'Thin slices by hand.', [
                new Way(['paring-chisel'], 5, 4, 'long and thin, in full control'),
                new Way(
                    ['bench-chisel'],
                    4,
                    5,
                    'by hand, in thin slices',
                    conditions: [When::toolAtLeast('bench-chisel', 'width', 10)],
                ),
                new Way(['shoulder-plane'], 3, 4, 'where there is room to run'),
                new Way(['firmer-chisel'], 3, 6, 'thick sides keep it out of corners'),
                new Way(['bench-chisel'], 2, 9, 'a narrow chisel, cut beside cut', skill: 3),
            ]),
            new Operation('clean-corner', 'clean out a blind corner', 'Where a straight chisel does not reach.', [
                new Way(['skew-chisels'], 5, 3, 'the point reaches into the corner'),
                new Way(
                    ['bench-chisel'],
                    3,
                    6,
                    'pushed in corner first',
                    skill: 3,
                    conditions: [When::atMost('bench-chisel', 'width', Fact::Gap, 0.5)],
                ),
                new Way(['carving-knife'], 3, 8, 'cut out with the point'),
            ]),
            new Operation('chop-mortise', 'chop a mortise', 'To the depth, walls square.', [
                new Way(
                    ['mortise-chisel', 'mallet'],
                    5,
                    10,
                    'as wide as the mortise; it does not twist',
                    conditions: [When::same('mortise-chisel', 'width', Fact::Width)],
                ),
                new Way(
                    ['brace', 'auger-bits', 'bench-chisel', 'mallet'],
                    4,
                    15,
                    'bored out, walls pared',
                    conditions: [
                        When::atMost('auger-bits', 'smallest', Fact::Width),
                        When::atMost('bench-chisel', 'width', Fact::Width),
                    ],
                ),
                new Way(
                    ['battery-drill', 'bench-chisel', 'mallet'],
                    4,
                    12,
                    'drilled out, walls pared',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
                new Way(
                    ['bench-chisel', 'mallet'],
                    3,
                    22,
                    'it twists in deep mortises: pare the walls after',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
                new Way(
                    ['bench-chisel'],
                    1,
                    32,
                    'struck with a block of hardwood; pare the walls after',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
            ]),
            new Operation('level-recess', 'level the bottom of a recess', 'The same depth everywhere.', [
                new Way(
                    ['router-plane'],
                    5,
                    4,
                    'set once, the same depth everywhere',
                    guided: true,
                    conditions: [When::atMost('router-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['bench-chisel', 'paring-block'],
                    3,
                    12,
                    'chisel held flat on the block; slower, more skill',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
                new Way(
                    ['shoulder-plane'],
                    3,
                    6,
                    'where the recess is open at its ends',
                    conditions: [When::atMost('shoulder-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['bench-chisel'],
                    2,
                    16,
                    'bevel down, by eye',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function fitting(): array
    {
        return [
            new Operation('fit-tenon-cheek', 'fit a tenon’s thickness', 'Until it slides in by hand.', [
                new Way(['router-plane'], 5, 4, 'both cheeks parallel to the face', guided: true),
                new Way(['shoulder-plane'], 4, 5, 'full shavings, tested in the mortise'),
                new Way(
                    ['moving-fillister'],
                    3,
                    8,
                    'across the cheek with the nicker down',
                    conditions: [When::hasNicker('moving-fillister')],
                ),
                new Way(['bench-chisel', 'paring-block'], 3, 12, 'pared across, flat on a block', skill: 3),
                new Way(['fine-rasp'], 2, 10, 'rasped; easily rounded'),
            ]),
            new Operation('fit-tenon-shoulder', 'fit a tenon’s shoulder', 'So that it closes all round.', [
                new Way(
                    ['shoulder-plane', 'try-square'],
                    5,
                    4,
                    'trims to the line, right into the corner',
                    conditions: [When::atLeast('shoulder-plane', 'iron', Fact::Depth, 0.5)],
                ),
                new Way(['paring-chisel', 'try-square'], 4, 8, 'pared square from the knife line'),
                new Way(
                    ['bench-chisel', 'marking-knife', 'try-square'],
                    3,
                    10,
                    'knifed again, pared to it',
                    skill: 3,
                    conditions: [When::toolAtLeast('bench-chisel', 'width', 12)],
                ),
                new Way(['carcase-saw', 'try-square'], 3, 6, 'sawn through the closed joint, once', skill: 3),
            ]),
            new Operation('halve', 'cut a halving', 'Half the thickness from each piece.', [
                new Way(
                    ['carcase-saw', 'bench-chisel', 'router-plane'],
                    5,
                    10,
                    'walls sawn, waste chopped, floor levelled',
                    conditions: [When::atLeast('carcase-saw', 'depth', Fact::Thickness, 0.5)],
                ),
                new Way(
                    ['backed-pull-saw', 'bench-chisel', 'router-plane'],
                    5,
                    10,
                    'walls sawn, waste chopped, floor levelled',
                    conditions: [When::atLeast('backed-pull-saw', 'depth', Fact::Thickness, 0.5)],
                ),
                new Way(
                    ['carcase-saw', 'bench-chisel', 'mallet'],
                    3,
                    18,
                    'walls sawn, floor chopped and pared by eye',
                    skill: 3,
                ),
                new Way(
                    ['double-edged-pull-saw', 'bench-chisel', 'mallet'],
                    3,
                    18,
                    'walls sawn, floor chopped and pared by eye',
                    skill: 3,
                ),
            ]),
        ];
    }
}
