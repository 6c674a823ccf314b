<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Breaking boards down. Common practice; grades and minutes from memory. */
final class BreakingDownOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [
            new Operation(
                'rip',
                'rip to width',
                'Saw along the grain.',
                [
                    new Way(
                        ['rip-handsaw', 'saw-bench'],
                        5,
                        6,
                        'the saw falls through under its own weight, knee on the board',
                        conditions: [When::teethSuit('rip-handsaw', 60)],
                    ),
                    new Way(
                        ['double-edged-pull-saw', 'clamps'],
                        4,
                        9,
                        'thin kerf on the rip edge, board clamped down',
                        conditions: [When::workAtMost(Fact::Thickness, 60)],
                    ),
                    new Way(
                        ['bow-saw', 'bench-vice'],
                        3,
                        12,
                        'upright in the vice; wants practice to keep plumb',
                        skill: 3,
                        conditions: [When::teethSuit('bow-saw', 90)],
                    ),
                    new Way(
                        ['crosscut-handsaw', 'saw-bench'],
                        2,
                        25,
                        'crosscut teeth scrape along the grain',
                        conditions: [When::workAtMost(Fact::Thickness, 30)],
                    ),
                    new Way([], 2, 1, 'sawn to width where the board is bought', skill: 1),
                ],
                byMachine: true,
            ),
            new Operation('crosscut', 'crosscut to length', 'Saw across the grain.', [
                new Way(
                    ['carcase-saw', 'bench-hook'],
                    5,
                    2,
                    'held against the hook, sawn to the knife line',
                    conditions: [
                        When::atLeast('carcase-saw', 'depth', Fact::Thickness),
                        When::workAtMost(Fact::Width, 300),
                    ],
                ),
                new Way(
                    ['backed-pull-saw', 'bench-hook'],
                    5,
                    2,
                    'pulled toward the hook, thin kerf',
                    conditions: [
                        When::atLeast('backed-pull-saw', 'depth', Fact::Thickness),
                        When::workAtMost(Fact::Width, 250),
                    ],
                ),
                new Way(
                    ['crosscut-handsaw'],
                    4,
                    2,
                    'quick on long boards, ends want shooting',
                    conditions: [When::teethSuit('crosscut-handsaw', 45)],
                ),
                new Way(
                    ['panel-saw'],
                    4,
                    3,
                    'fine enough to leave little to shoot',
                    conditions: [When::teethSuit('panel-saw', 45), When::workAtMost(Fact::Thickness, 30)],
                ),
                new Way(['double-edged-pull-saw'], 4, 2.5, 'on its crosscut edge, no limit of depth'),
                new Way(
                    ['crosscut-handsaw', 'try-square'],
                    3,
                    7,
                    'thick stock: a line all round, sawn in from all four faces',
                    conditions: [When::workAtMost(Fact::Thickness, 150)],
                ),
                new Way(['bow-saw'], 2, 5, 'a wide blade crosscuts in need'),
                new Way(
                    ['dovetail-saw', 'bench-hook'],
                    2,
                    4,
                    'rip teeth leave a ragged end to pare',
                    conditions: [
                        When::atLeast('dovetail-saw', 'depth', Fact::Thickness),
                        When::workAtMost(Fact::Width, 300),
                    ],
                ),
                new Way(
                    ['dovetail-saw'],
                    1,
                    8,
                    'held down by hand on the bench’s corner; ragged',
                    conditions: [
                        When::atLeast('dovetail-saw', 'depth', Fact::Thickness),
                        When::workAtMost(Fact::Width, 300),
                    ],
                ),
            ]),
            new Operation(
                'rough-out',
                'split and rough out',
                'Follow the grain to a rough shape.',
                [
                    new Way(['hatchet'], 4, 5, 'split, then hew to a line', skill: 3),
                    new Way(['drawknife'], 4, 9, 'shaved down in the vice, along the fibres'),
                    new Way(['scrub-plane'], 2, 20, 'planed down instead of split'),
                ],
                byMachine: true,
            ),
        ];
    }
}
