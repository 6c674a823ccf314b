<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Marking, measuring and testing. Common practice; grades and minutes from memory. */
final class MarkingOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::lines(), ...self::gauged(), ...self::lengths(), ...self::tests()];
    }

    /** @return list<Operation> */
    private static function lines(): array
    {
        return [
            new Operation('mark-square', 'mark a line square', 'Across a face or an edge.', [
                new Way(
                    ['try-square', 'marking-knife'],
                    5,
                    1,
                    'a knifed line the saw can drop into',
                    conditions: [When::atLeast('try-square', 'blade', Fact::Width)],
                ),
                new Way(
                    ['large-square', 'marking-knife'],
                    5,
                    1,
                    'a knifed line, however wide',
                    conditions: [When::atLeast('large-square', 'blade', Fact::Width)],
                ),
                new Way(
                    ['try-square', 'straightedge', 'marking-knife'],
                    4,
                    2,
                    'a small trusted square, carried on by a straightedge',
                    conditions: [When::atLeast('straightedge', 'length', Fact::Width)],
                ),
                new Way(
                    ['try-square', 'pencil'],
                    3,
                    1,
                    'a pencil line is wider than a good fit',
                    skill: 1,
                    conditions: [When::atLeast('try-square', 'blade', Fact::Width)],
                ),
                new Way(['try-square', 'marking-knife'], 2, 3, 'a small square, carried on along a straight offcut'),
            ]),
            new Operation('mark-bevel', 'mark at an angle', 'Any angle, set once.', [
                new Way(['sliding-bevel', 'marking-knife'], 5, 1, 'set from the drawing or the work'),
                new Way(['mitre-square', 'marking-knife'], 4, 1, 'for 45° only'),
                new Way(['sliding-bevel', 'pencil'], 3, 1, 'in pencil', skill: 1),
                new Way(['dividers', 'steel-rule', 'marking-knife'], 3, 4, 'rise and run stepped off'),
            ]),
            new Operation('mark-slope', 'mark a slope', 'The same slope on every tail.', [
                new Way(['dovetail-template', 'marking-knife'], 5, 1, 'the same slope every time'),
                new Way(['sliding-bevel', 'marking-knife'], 4, 1.5, 'any slope, set from a drawing'),
                new Way(['dovetail-template', 'pencil'], 3, 1, 'in pencil', skill: 1),
                new Way(['marking-knife'], 1, 2, 'by eye: no two alike, and the pins follow them', skill: 3),
            ]),
            new Operation('transfer', 'transfer one part to another', 'Tails to pins, tenon to mortise.', [
                new Way(['marking-knife'], 5, 2, 'the part itself, held in place and knifed'),
                new Way(
                    ['steel-rule', 'marking-knife', 'try-square'],
                    2,
                    6,
                    'measured over: every reading adds its error',
                ),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function gauged(): array
    {
        return [
            new Operation('mark-parallel', 'mark parallel to an edge', 'Set once, scored all round.', [
                new Way(
                    ['wheel-gauge'],
                    5,
                    1,
                    'fine along and across',
                    conditions: [When::atLeast('wheel-gauge', 'reach', Fact::Depth)],
                ),
                new Way(
                    ['cutting-gauge'],
                    5,
                    1,
                    'the blade cuts clean, the long fence steadies',
                    conditions: [When::atLeast('cutting-gauge', 'reach', Fact::Depth)],
                ),
                new Way(
                    ['marking-gauge'],
                    4,
                    1,
                    'set once, scored all round',
                    conditions: [When::atLeast('marking-gauge', 'reach', Fact::Depth)],
                ),
                new Way(
                    ['mortise-gauge'],
                    3,
                    1,
                    'with one of its points',
                    conditions: [When::atLeast('mortise-gauge', 'reach', Fact::Depth)],
                ),
                new Way(['steel-rule', 'pencil'], 2, 3, 'rule and finger as a fence', skill: 3),
                new Way(['marking-knife'], 2, 3, 'knifed round the part itself, stood on its place'),
            ]),
            new Operation('mark-mortise', 'mark a mortise and its tenon', 'Two lines at one setting.', [
                new Way(['mortise-gauge'], 5, 2, 'both points set straight from the chisel'),
                new Way(['marking-gauge'], 3, 4, 'set twice: one more error'),
                new Way(['wheel-gauge'], 3, 4, 'set twice: one more error'),
                new Way(['cutting-gauge'], 3, 4, 'set twice: one more error'),
                new Way(['marking-knife', 'steel-rule'], 2, 8, 'four lines, each measured'),
            ]),
            new Operation('mark-wide', 'mark the width of a panel', 'Parallel to a far edge.', [
                new Way(
                    ['panel-gauge'],
                    5,
                    1,
                    'reaches right across',
                    conditions: [When::atLeast('panel-gauge', 'reach', Fact::Width)],
                ),
                new Way(
                    ['steel-rule', 'marking-knife', 'straightedge'],
                    3,
                    4,
                    'two marks joined',
                    conditions: [When::atLeast('straightedge', 'length', Fact::Length)],
                ),
                new Way(['folding-rule', 'pencil'], 2, 4, 'two marks joined by eye', skill: 1),
            ]),
            new Operation('step-off', 'step off spaces', 'Evenly, without numbers.', [
                new Way(['dividers'], 5, 2, 'walk it, change it, walk again'),
                new Way(['stop-rule', 'pencil'], 4, 3, 'one setting, mark by mark'),
                new Way(['steel-rule', 'pencil'], 3, 5, 'reckoned and measured'),
                new Way(['marking-knife'], 2, 6, 'a strip of paper folded into equal parts, nicked through'),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function lengths(): array
    {
        return [
            new Operation('measure', 'measure a length', 'Once, for one part.', [
                new Way(
                    ['hook-rule'],
                    5,
                    0.5,
                    'the end registers itself',
                    skill: 1,
                    conditions: [When::atLeast('hook-rule', 'length', Fact::Length)],
                ),
                new Way(
                    ['steel-rule'],
                    4,
                    0.5,
                    'to half a millimetre',
                    skill: 1,
                    conditions: [When::atLeast('steel-rule', 'length', Fact::Length)],
                ),
                new Way(['folding-rule'], 3, 0.5, 'to a millimetre', skill: 1),
                new Way(
                    ['story-stick'],
                    4,
                    1,
                    'held to the work, no number at all',
                    skill: 1,
                    conditions: [When::atLeast('story-stick', 'length', Fact::Length)],
                ),
                new Way(['marking-knife'], 2, 1, 'nicked on a strip of wood, no number at all', skill: 1),
            ]),
            new Operation('repeat-length', 'repeat a length', 'Many parts, all the same.', [
                new Way(
                    ['story-stick', 'marking-knife'],
                    5,
                    1,
                    'every part from the same knife line',
                    conditions: [When::atLeast('story-stick', 'length', Fact::Length)],
                ),
                new Way(
                    ['stop-rule', 'marking-knife'],
                    5,
                    1,
                    'one setting carried to all',
                    guided: true,
                    conditions: [When::atLeast('stop-rule', 'length', Fact::Length)],
                ),
                new Way(
                    ['marking-knife'],
                    4,
                    1.5,
                    'the first part held on the next',
                    conditions: [When::workAtMost(Fact::Length, 1000)],
                ),
                new Way(['folding-rule', 'pencil'], 2, 2, 'measured anew each time', skill: 1),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function tests(): array
    {
        return [
            new Operation('check-flat', 'check flat', 'Across, along and corner to corner.', [
                new Way(
                    ['straightedge'],
                    5,
                    2,
                    'light under the edge',
                    conditions: [When::atLeast('straightedge', 'length', Fact::Length, 0.75)],
                ),
                new Way(['straightedge', 'feelers'], 5, 3, 'light and a number'),
                new Way(['jack-plane'], 3, 2, 'the sole on its edge'),
                new Way(
                    ['smoothing-plane'],
                    2,
                    2,
                    'a short sole on its edge',
                    conditions: [When::workAtMost(Fact::Length, 400)],
                ),
                new Way(['smoothing-plane'], 1, 4, 'its sole on edge, moved along in overlaps'),
            ]),
            new Operation('check-straight', 'check straight', 'An edge against light.', [
                new Way(
                    ['straightedge'],
                    5,
                    1,
                    'light under the edge',
                    conditions: [When::atLeast('straightedge', 'length', Fact::Length, 0.75)],
                ),
                new Way(['try-plane'], 4, 1, 'its own sole'),
                new Way(
                    ['jack-plane'],
                    3,
                    1,
                    'its own sole, on short edges',
                    conditions: [When::workAtMost(Fact::Length, 600)],
                ),
                new Way(['smoothing-plane'], 1, 3, 'its sole on edge, moved along in overlaps'),
            ]),
            new Operation('check-square', 'check square', 'Edges, ends and corners.', [
                new Way(
                    ['try-square'],
                    5,
                    1,
                    'toward the light',
                    conditions: [When::atLeast('try-square', 'blade', Fact::Thickness)],
                ),
                new Way(['large-square'], 4, 1, 'for carcases'),
                new Way(
                    ['folding-rule'],
                    3,
                    2,
                    'two diagonals alike',
                    conditions: [When::workAtLeast(Fact::Width, 150)],
                ),
            ]),
            new Operation('check-wind', 'check out of wind', 'Twist, enlarged.', [
                new Way(
                    ['winding-sticks'],
                    5,
                    1,
                    'sighted from the end',
                    conditions: [When::atLeast('winding-sticks', 'length', Fact::Width)],
                ),
                new Way(['straightedge'], 3, 3, 'corner to corner, both ways'),
                new Way(['try-square'], 2, 4, 'two straight offcuts sighted over, swapped and sighted again'),
            ]),
        ];
    }
}
