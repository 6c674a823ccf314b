<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Grooves, dados, rebates and profiles. Common practice; grades and minutes from memory. */
final class GrooveOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::rebates(), ...self::channels(), ...self::profiles()];
    }

    /** @return list<Operation> */
    private static function rebates(): array
    {
        return [
            new Operation('rebate-along', 'rebate along the grain', 'A step on an edge, with the grain.', [
                new Way(
                    ['moving-fillister'],
                    5,
                    4,
                    'fence and stop: the same rebate on every board',
                    setUp: 3,
                    guided: true,
                    conditions: [When::atLeast('moving-fillister', 'iron', Fact::Width)],
                ),
                new Way(
                    ['skew-rebate-plane'],
                    4,
                    6,
                    'fence and stop, for small rebates',
                    setUp: 3,
                    guided: true,
                    conditions: [When::atLeast('skew-rebate-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['rebate-plane'],
                    4,
                    6,
                    'against a clamped batten, down to a gauged line',
                    setUp: 4,
                    conditions: [When::atLeast('rebate-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['plough-plane', 'bench-chisel'],
                    2,
                    12,
                    'a groove from each side until the corner falls out; the floor stays rough',
                    setUp: 8,
                    guided: true,
                ),
                new Way(['combination-plane'], 4, 7, 'with its widest iron', setUp: 8, guided: true),
                new Way(
                    ['shoulder-plane', 'bench-chisel', 'marking-knife'],
                    3,
                    20,
                    'knifed wall, chopped out, trimmed with the shoulder plane',
                    skill: 3,
                ),
                new Way(
                    ['bench-chisel', 'marking-knife', 'mallet'],
                    1,
                    45,
                    'chisel alone: the floor follows the grain',
                    skill: 3,
                ),
                new Way(
                    ['dovetail-saw', 'bench-chisel', 'marking-knife'],
                    2,
                    30,
                    'knifed, sawn down inside the line, split off and pared',
                    skill: 3,
                    conditions: [When::atLeast('dovetail-saw', 'depth', Fact::Depth)],
                ),
            ]),
            new Operation('rebate-across', 'rebate across the grain', 'A step on an end: walls severed first.', [
                new Way(
                    ['moving-fillister'],
                    5,
                    4,
                    'the nicker severs, the skewed iron cuts clean',
                    setUp: 3,
                    guided: true,
                    conditions: [
                        When::hasNicker('moving-fillister'),
                        When::atLeast('moving-fillister', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['skew-rebate-plane'],
                    5,
                    4,
                    'the nicker severs, the skewed iron cuts clean',
                    setUp: 3,
                    guided: true,
                    conditions: [
                        When::hasNicker('skew-rebate-plane'),
                        When::atLeast('skew-rebate-plane', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['carcase-saw', 'marking-knife', 'bench-chisel'],
                    3,
                    14,
                    'wall sawn into a knifed nick, waste pared',
                    skill: 3,
                    conditions: [When::atLeast('carcase-saw', 'depth', Fact::Depth)],
                ),
                new Way(
                    ['backed-pull-saw', 'marking-knife', 'bench-chisel'],
                    3,
                    14,
                    'wall sawn into a knifed nick, waste pared',
                    skill: 3,
                    conditions: [When::atLeast('backed-pull-saw', 'depth', Fact::Depth)],
                ),
                new Way(
                    ['rebate-plane', 'marking-knife'],
                    3,
                    9,
                    'wall knifed deep, again and again, against a batten',
                    skill: 3,
                    conditions: [When::atLeast('rebate-plane', 'iron', Fact::Width)],
                ),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function channels(): array
    {
        return [
            new Operation('groove', 'groove with the grain', 'Away from the edge, along the fibres.', [
                new Way(
                    ['plough-plane'],
                    5,
                    4,
                    'fence, stop and an iron of its width',
                    setUp: 4,
                    guided: true,
                    conditions: [When::atMost('plough-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['plough-plane', 'plough-irons'],
                    5,
                    4,
                    'fence, stop and the iron of that width',
                    setUp: 4,
                    guided: true,
                    conditions: [When::atMost('plough-irons', 'iron', Fact::Width)],
                ),
                new Way(
                    ['combination-plane'],
                    4,
                    5,
                    'as a plough; long to set up',
                    setUp: 9,
                    guided: true,
                    conditions: [When::atMost('combination-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['match-planes'],
                    3,
                    4,
                    'its grooving half, where the width happens to fit',
                    setUp: 1,
                    guided: true,
                    conditions: [When::same('match-planes', 'board', Fact::Thickness)],
                ),
                new Way(
                    ['dovetail-saw', 'bench-chisel', 'router-plane'],
                    3,
                    40,
                    'two saw walls and a chisel, floor levelled',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                        When::atMost('router-plane', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['fine-pull-saw', 'bench-chisel', 'router-plane'],
                    3,
                    40,
                    'two saw walls and a chisel, floor levelled',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                        When::atMost('router-plane', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['marking-knife', 'bench-chisel', 'mallet', 'paring-block'],
                    2,
                    60,
                    'knifed walls, chopped out, pared along a block',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
            ]),
            new Operation('dado', 'dado across the grain', 'A housing: the fibres severed first.', [
                new Way(
                    ['dado-plane'],
                    5,
                    5,
                    'nickers sever, the skewed iron clears; fixed width',
                    setUp: 3,
                    guided: true,
                    conditions: [When::same('dado-plane', 'iron', Fact::Width)],
                ),
                new Way(
                    ['carcase-saw', 'bench-chisel', 'router-plane'],
                    4,
                    14,
                    'two saw walls, waste chiselled, floor levelled',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                        When::atMost('router-plane', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['backed-pull-saw', 'bench-chisel', 'router-plane'],
                    4,
                    14,
                    'two saw walls, waste chiselled, floor levelled',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                        When::atMost('router-plane', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['double-edged-pull-saw', 'bench-chisel', 'router-plane'],
                    4,
                    15,
                    'two saw walls, waste chiselled, floor levelled',
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                        When::atMost('router-plane', 'iron', Fact::Width),
                    ],
                ),
                new Way(
                    ['marking-knife', 'bench-chisel', 'mallet', 'router-plane'],
                    3,
                    22,
                    'walls knifed ever deeper',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
                new Way(
                    ['carcase-saw', 'bench-chisel', 'paring-block'],
                    3,
                    26,
                    'two saw walls, floor pared along a block',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
                new Way(
                    ['backed-pull-saw', 'bench-chisel', 'paring-block'],
                    3,
                    26,
                    'two saw walls, floor pared along a block',
                    skill: 3,
                    conditions: [
                        When::atMost('bench-chisel', 'width', Fact::Width),
                        When::atLeast('bench-chisel', 'width', Fact::Width, 0.3),
                    ],
                ),
            ]),
            new Operation('tongue-and-groove', 'tongue and groove', 'Boards that move and stay together.', [
                new Way(
                    ['match-planes'],
                    5,
                    6,
                    'fixed fence and depth: no measuring',
                    setUp: 1,
                    skill: 1,
                    guided: true,
                    conditions: [When::same('match-planes', 'board', Fact::Thickness)],
                ),
                new Way(['combination-plane'], 4, 10, 'tongue iron and groove iron', setUp: 15, guided: true),
                new Way(
                    ['plough-plane', 'moving-fillister'],
                    4,
                    14,
                    'groove ploughed, tongue left between two rebates',
                    setUp: 8,
                    guided: true,
                    conditions: [When::atMost('plough-plane', 'iron', Fact::Thickness, 0.4)],
                ),
                new Way(
                    ['plough-plane', 'rebate-plane'],
                    3,
                    20,
                    'groove ploughed, tongue left between two rebates',
                    setUp: 10,
                    conditions: [When::atMost('plough-plane', 'iron', Fact::Thickness, 0.4)],
                ),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function profiles(): array
    {
        return [
            new Operation('raise-panel', 'raise a panel', 'A bevelled field that fits its groove.', [
                new Way(
                    ['skew-rebate-plane'],
                    5,
                    12,
                    'tilted against its fence; the nicker across the grain',
                    setUp: 4,
                    guided: true,
                ),
                new Way(['rebate-plane', 'marking-gauge'], 3, 20, 'to a gauged line, ends first', skill: 3),
                new Way(['block-plane', 'marking-gauge'], 3, 26, 'to a gauged line, by eye', skill: 3),
                new Way(['jack-plane', 'marking-gauge'], 3, 18, 'a plain bevel to a line, by eye', skill: 3),
            ]),
            new Operation('mould-edge', 'work a moulding', 'A bead or hollow along an edge.', [
                new Way(['moulding-plane'], 5, 6, 'one profile, one plane', guided: true),
                new Way(['combination-plane'], 4, 8, 'a beading iron', setUp: 9, guided: true),
                new Way(
                    ['marking-gauge', 'flat-spokeshave', 'card-scraper'],
                    2,
                    30,
                    'scratched and shaved by eye',
                    skill: 3,
                ),
            ]),
            new Operation('ease-edges', 'ease sharp edges', 'So that they are kind to the hand.', [
                new Way(['block-plane'], 5, 1, 'two light strokes'),
                new Way(['flat-spokeshave'], 4, 1.5, 'two light strokes'),
                new Way(['smoothing-plane'], 4, 1.5, 'two light strokes'),
                new Way(['sanding-block'], 3, 2, 'a touch with fine paper', skill: 1),
            ]),
        ];
    }
}
