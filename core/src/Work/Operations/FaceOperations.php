<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Making faces flat, to thickness and smooth. Common practice; grades and minutes from memory. */
final class FaceOperations
{
    /** @return list<Operation> */
    public static function list(): array
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
}
