<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Making edges straight, to width, and ends square. Common practice; grades and minutes from memory. */
final class EdgeOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::edges(), ...self::ends()];
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
