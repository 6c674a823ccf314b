<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/**
 * Breaking boards down, and making them flat, straight and to size. Common practice; grades and minutes from memory.
 */
final class PreparingOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::sawing(), ...self::faces(), ...self::edges(), ...self::ends()];
    }

    /** @return list<Operation> */
    private static function sawing(): array
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

    /** @return list<Operation> */
    private static function faces(): array
    {
        return [
            new Operation(
                'flatten-coarse',
                'bring a rough face down',
                'Take the high places off across the grain.',
                [
                    new Way(['scrub-plane'], 5, 6, 'narrow deep cuts, straight across'),
                    new Way(['fore-plane'], 4, 8, 'its curved iron takes thick shavings across'),
                    new Way(['jack-plane'], 3, 14, 'with a curved iron; slower', setUp: 4),
                    new Way(['wide-jack'], 2, 18, 'heavy for rough work', setUp: 4),
                    new Way([], 2, 1, 'bought planed: dearer wood, and no say in it', skill: 1),
                ],
                byMachine: true,
            ),
            new Operation('flatten', 'flatten a face', 'Until it takes a full shaving from end to end.', [
                new Way(['try-plane', 'straightedge'], 5, 10, 'the long sole finds the high spots by itself'),
                new Way(
                    ['jack-plane'],
                    4,
                    14,
                    'across, then along, until it takes a full shaving',
                    conditions: [When::workAtMost(Fact::Length, 1200)],
                ),
                new Way(
                    ['wide-jack'],
                    4,
                    13,
                    'wide and heavy: few passes',
                    conditions: [When::workAtMost(Fact::Length, 1200)],
                ),
                new Way(
                    ['bevel-up-jack'],
                    4,
                    15,
                    'as a jack, and good where grain turns',
                    conditions: [When::workAtMost(Fact::Length, 1200)],
                ),
                new Way(['fore-plane'], 4, 12, 'nearly a jointer', conditions: [When::workAtMost(Fact::Length, 1600)]),
                new Way(
                    ['smoothing-plane'],
                    2,
                    28,
                    'the short sole follows hollows',
                    skill: 3,
                    conditions: [When::workAtMost(Fact::Length, 600)],
                ),
            ]),
            new Operation(
                'thickness',
                'bring to thickness',
                'Down to a gauged line all round.',
                [
                    new Way(
                        ['fore-plane', 'marking-gauge', 'jack-plane'],
                        5,
                        16,
                        'down near the line with the one, to it with the other',
                    ),
                    new Way(['jack-plane', 'marking-gauge'], 4, 20, 'to the line from all four edges'),
                    new Way(['jack-plane', 'wheel-gauge'], 4, 20, 'to the line from all four edges'),
                    new Way(['wide-jack', 'marking-gauge'], 4, 20, 'to the line from all four edges'),
                    new Way(['bevel-up-jack', 'wheel-gauge'], 4, 22, 'to the line from all four edges'),
                    new Way(
                        ['smoothing-plane', 'marking-gauge'],
                        2,
                        35,
                        'slow, and it dips',
                        conditions: [When::workAtMost(Fact::Length, 600)],
                    ),
                    new Way([], 2, 1, 'bought planed to its thickness', skill: 1),
                ],
                byMachine: true,
            ),
            new Operation('smooth', 'smooth a surface', 'The last surface, straight from the iron.', [
                new Way(['smoothing-plane'], 5, 6, 'the last surface straight from the iron'),
                new Way(['bevel-up-jack'], 4, 8, 'mouth shut, iron just curved', setUp: 3),
                new Way(['card-scraper'], 3, 14, 'scraped; dull beside a planed surface'),
                new Way(['jack-plane'], 3, 9, 'set fine; leaves faint tracks', setUp: 3),
                new Way(['sanding-block'], 2, 20, 'sanded through the grits', skill: 1),
            ]),
            new Operation('smooth-difficult', 'smooth difficult grain', 'Where the grain turns and tears.', [
                new Way(['cabinet-scraper'], 5, 10, 'a steep burr held flat: no tear-out', guided: true),
                new Way(['card-scraper'], 4, 14, 'a turned burr cuts either way'),
                new Way(['bevel-up-jack'], 4, 10, 'a steep second bevel makes 60° of it', setUp: 4),
                new Way(['toothed-iron', 'jack-plane', 'card-scraper'], 4, 16, 'toothed level, then scraped', setUp: 5),
                new Way(['smoothing-plane'], 3, 12, 'sharp, fine, and skewed; some tear-out', skill: 3),
                new Way(['sanding-block'], 2, 25, 'sanded out', skill: 1),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function edges(): array
    {
        return [
            new Operation('joint-edge', 'joint an edge straight', 'Straight, and square to the face.', [
                new Way(
                    ['try-plane'],
                    5,
                    5,
                    'the long sole straightens by itself',
                    conditions: [When::soleReaches('try-plane')],
                ),
                new Way(['fore-plane'], 4, 6, 'nearly a jointer', conditions: [When::soleReaches('fore-plane')]),
                new Way(
                    ['jack-plane'],
                    4,
                    7,
                    'long enough for this board',
                    conditions: [When::soleReaches('jack-plane')],
                ),
                new Way(
                    ['wide-jack'],
                    4,
                    7,
                    'long enough for this board',
                    conditions: [When::soleReaches('wide-jack')],
                ),
                new Way(
                    ['bevel-up-jack'],
                    4,
                    7,
                    'long enough for this board',
                    conditions: [When::soleReaches('bevel-up-jack')],
                ),
                new Way(
                    ['smoothing-plane'],
                    4,
                    9,
                    'long enough for this short piece',
                    conditions: [When::soleReaches('smoothing-plane')],
                ),
                new Way(
                    ['jack-plane', 'straightedge'],
                    3,
                    18,
                    'hump by hump, tested with the straightedge',
                    skill: 3,
                    conditions: [When::atLeast('straightedge', 'length', Fact::Length, 0.75)],
                ),
                new Way(
                    ['smoothing-plane', 'straightedge'],
                    2,
                    30,
                    'hump by hump with a short sole',
                    skill: 3,
                    conditions: [When::atLeast('straightedge', 'length', Fact::Length, 0.75)],
                ),
                new Way(
                    ['smoothing-plane'],
                    1,
                    35,
                    'hump by hump, two edges held together against the light',
                    skill: 3,
                ),
            ]),
            new Operation('bring-to-width', 'bring to width', 'Down to a gauged line along the second edge.', [
                new Way(
                    ['try-plane', 'panel-gauge'],
                    5,
                    5,
                    'to a line gauged from the first edge',
                    conditions: [When::atLeast('panel-gauge', 'reach', Fact::Width)],
                ),
                new Way(
                    ['jack-plane', 'marking-gauge'],
                    4,
                    7,
                    'to a gauged line',
                    conditions: [When::atLeast('marking-gauge', 'reach', Fact::Width)],
                ),
                new Way(
                    ['jack-plane', 'panel-gauge'],
                    4,
                    7,
                    'to a gauged line',
                    conditions: [When::atLeast('panel-gauge', 'reach', Fact::Width)],
                ),
                new Way(
                    ['wide-jack', 'panel-gauge'],
                    4,
                    7,
                    'to a gauged line',
                    conditions: [When::atLeast('panel-gauge', 'reach', Fact::Width)],
                ),
                new Way(
                    ['bevel-up-jack', 'panel-gauge'],
                    4,
                    7,
                    'to a gauged line',
                    conditions: [When::atLeast('panel-gauge', 'reach', Fact::Width)],
                ),
                new Way(['jack-plane', 'folding-rule', 'pencil'], 3, 12, 'to pencil marks joined by eye', skill: 3),
                new Way(
                    ['smoothing-plane', 'marking-gauge'],
                    3,
                    14,
                    'to a gauged line, with a short sole',
                    conditions: [
                        When::atLeast('marking-gauge', 'reach', Fact::Width),
                        When::workAtMost(Fact::Length, 600),
                    ],
                ),
                new Way(
                    ['smoothing-plane', 'pencil'],
                    2,
                    20,
                    'to marks ticked off from a strip cut to the width',
                    skill: 3,
                ),
                new Way(
                    ['smoothing-plane', 'marking-knife'],
                    2,
                    20,
                    'to nicks knifed from a strip cut to the width',
                    skill: 3,
                ),
            ]),
            new Operation('chamfer', 'chamfer an edge', 'A small flat at 45°.', [
                new Way(['block-plane'], 5, 2, 'one hand, ends first'),
                new Way(['flat-spokeshave'], 4, 3, 'also round curves'),
                new Way(['jack-plane'], 3, 3, 'heavy for it'),
                new Way(['smoothing-plane'], 3, 3, 'a few strokes, held over'),
                new Way(['bench-chisel'], 2, 8, 'bevel down, by eye', skill: 3),
            ]),
            new Operation('taper', 'taper a leg', 'Straight from full to less.', [
                new Way(['jack-plane'], 4, 8, 'stepped down to the line'),
                new Way(['fore-plane'], 4, 7, 'stepped down to the line'),
                new Way(['drawknife', 'flat-spokeshave'], 3, 10, 'shaved to the line', skill: 3),
                new Way(['smoothing-plane'], 3, 14, 'stepped down to the line'),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function ends(): array
    {
        return [
            new Operation('shoot-end', 'shoot an end', 'Square to edge and face.', [
                new Way(
                    ['shooting-plane', 'shooting-board'],
                    5,
                    2,
                    'heavy and skewed: a clean end in few strokes',
                    guided: true,
                    conditions: [When::atLeast('shooting-board', 'width', Fact::Width)],
                ),
                new Way(
                    ['wide-jack', 'shooting-board'],
                    5,
                    2.5,
                    'the board keeps it square, its weight keeps it cutting',
                    guided: true,
                    conditions: [When::atLeast('shooting-board', 'width', Fact::Width)],
                ),
                new Way(
                    ['bevel-up-jack', 'shooting-board'],
                    5,
                    2.5,
                    'low angle in end grain, held square',
                    guided: true,
                    conditions: [When::atLeast('shooting-board', 'width', Fact::Width)],
                ),
                new Way(
                    ['jack-plane', 'shooting-board'],
                    4,
                    3,
                    'the board keeps it square',
                    guided: true,
                    conditions: [When::atLeast('shooting-board', 'width', Fact::Width)],
                ),
                new Way(
                    ['smoothing-plane', 'shooting-board'],
                    3,
                    5,
                    'light for it; a sharp iron',
                    guided: true,
                    conditions: [
                        When::atLeast('shooting-board', 'width', Fact::Width),
                        When::workAtMost(Fact::Thickness, 25),
                    ],
                ),
                new Way(
                    ['jack-plane', 'try-square', 'clamps'],
                    3,
                    8,
                    'freehand against a clamped block, tested often',
                    skill: 3,
                ),
                new Way(
                    ['block-plane', 'try-square'],
                    3,
                    8,
                    'from both edges to a knife line, tested often',
                    skill: 3,
                    conditions: [When::workAtMost(Fact::Width, 150)],
                ),
                new Way(
                    ['smoothing-plane', 'try-square'],
                    2,
                    12,
                    'freehand from both edges to a knife line, tested often',
                    skill: 3,
                ),
            ]),
            new Operation('shoot-mitre', 'shoot a mitre', 'To 45° and no less.', [
                new Way(['jack-plane', 'shooting-board', 'mitre-donkey'], 5, 4, 'the fence holds 45°', guided: true),
                new Way(['wide-jack', 'shooting-board', 'mitre-donkey'], 5, 3, 'the fence holds 45°', guided: true),
                new Way(['bevel-up-jack', 'shooting-board', 'mitre-donkey'], 5, 3, 'the fence holds 45°', guided: true),
                new Way(
                    ['shooting-plane', 'shooting-board', 'mitre-donkey'],
                    5,
                    3,
                    'the fence holds 45°',
                    guided: true,
                ),
                new Way(['block-plane', 'mitre-square'], 3, 10, 'to a knifed line, tested often', skill: 3),
                new Way(
                    ['smoothing-plane', 'shooting-board', 'mitre-donkey'],
                    4,
                    6,
                    'the fence holds 45°',
                    guided: true,
                    conditions: [When::workAtMost(Fact::Thickness, 25)],
                ),
            ]),
        ];
    }
}
