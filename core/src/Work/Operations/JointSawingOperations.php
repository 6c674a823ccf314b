<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Timber\Grain;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Sawing of joints. Common practice; grades and minutes from memory. */
final class JointSawingOperations
{
    /** @return list<Operation> */
    public static function list(): array
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
}
