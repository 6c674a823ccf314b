<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Chopping and paring of joints. Common practice; grades and minutes from memory. */
final class ChoppingOperations
{
    /** @return list<Operation> */
    public static function list(): array
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
}
