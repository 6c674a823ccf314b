<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Holding, striking and putting together. Common practice; grades and minutes from memory. */
final class HoldingOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [
            new Operation('hold', 'hold the work', 'Still, without a bruise.', [
                new Way(['bench-vice'], 5, 0.5, 'upright or on edge', skill: 1),
                new Way(['holdfasts', 'mallet'], 5, 0.5, 'flat, anywhere on the bench', skill: 1),
                new Way(['hand-screws'], 4, 1, 'odd shapes, jaws kept parallel'),
                new Way(['clamps'], 3, 1.5, 'to the bench’s edge', skill: 1),
                new Way(['planing-stop'], 3, 0.5, 'for planing along', skill: 1),
                new Way([], 1, 3, 'wedged between two blocks nailed to the bench', skill: 1),
            ]),
            new Operation('strike', 'strike a chisel', 'Heavy, with a wide face.', [
                new Way(['mallet'], 5, 1, 'wood on wood', skill: 1),
                new Way(['soft-hammer'], 3, 1, 'with its side', skill: 1),
                new Way([], 1, 2, 'a block of hardwood in the hand', skill: 1),
            ]),
            new Operation('tap-home', 'tap a joint home', 'Without bruising it.', [
                new Way(['dead-blow'], 5, 1, 'no rebound', skill: 1),
                new Way(['soft-hammer'], 5, 1, 'over a block', skill: 1),
                new Way(['mallet'], 4, 1, 'over a block', skill: 1),
                new Way(['pin-hammer'], 3, 1.5, 'over a block', skill: 1),
                new Way([], 2, 2, 'a block of hardwood in the hand, over an offcut', skill: 1),
            ]),
            new Operation('assemble', 'clamp and assemble', 'Closed and square while the glue sets.', [
                new Way(
                    ['clamps', 'mallet'],
                    4,
                    6,
                    'tapped home over a block, clamped while the glue sets',
                    conditions: [When::atLeast('clamps', 'length', Fact::Length)],
                ),
                new Way(
                    ['clamps', 'soft-hammer'],
                    5,
                    6,
                    'tapped home without a block, clamped while the glue sets',
                    conditions: [When::atLeast('clamps', 'length', Fact::Length)],
                ),
                new Way(
                    ['clamps', 'dead-blow'],
                    5,
                    6,
                    'driven home, clamped while the glue sets',
                    conditions: [When::atLeast('clamps', 'length', Fact::Length)],
                ),
                new Way(
                    ['mallet', 'folding-rule'],
                    3,
                    10,
                    'tight dovetails hold themselves: tapped home, diagonals compared',
                    skill: 3,
                ),
                new Way(
                    ['try-square'],
                    2,
                    12,
                    'tight dovetails hold themselves: tapped home over an offcut, corners squared',
                    skill: 3,
                ),
            ]),
            new Operation('edge-glue', 'glue edges together', 'Flat and closed along its length.', [
                new Way(
                    ['clamps', 'try-plane'],
                    5,
                    8,
                    'jointed as a pair, clamped from both faces',
                    conditions: [When::atLeast('clamps', 'length', Fact::Width), When::soleReaches('try-plane')],
                ),
                new Way(
                    ['clamps', 'jack-plane'],
                    4,
                    10,
                    'jointed as a pair, clamped from both faces',
                    conditions: [When::atLeast('clamps', 'length', Fact::Width), When::soleReaches('jack-plane')],
                ),
                new Way(
                    ['clamps', 'fore-plane'],
                    4,
                    9,
                    'jointed as a pair, clamped from both faces',
                    conditions: [When::atLeast('clamps', 'length', Fact::Width), When::soleReaches('fore-plane')],
                ),
                new Way(
                    ['clamps', 'wide-jack'],
                    4,
                    10,
                    'jointed as a pair, clamped from both faces',
                    conditions: [When::atLeast('clamps', 'length', Fact::Width), When::soleReaches('wide-jack')],
                ),
                new Way(
                    ['clamps', 'bevel-up-jack'],
                    4,
                    10,
                    'jointed as a pair, clamped from both faces',
                    conditions: [When::atLeast('clamps', 'length', Fact::Width), When::soleReaches('bevel-up-jack')],
                ),
                new Way(
                    ['jack-plane'],
                    3,
                    14,
                    'short boards rubbed together without clamps',
                    skill: 3,
                    conditions: [When::workAtMost(Fact::Length, 500), When::soleReaches('jack-plane')],
                ),
                new Way(
                    ['smoothing-plane', 'clamps'],
                    4,
                    12,
                    'short boards jointed as a pair',
                    conditions: [When::atLeast('clamps', 'length', Fact::Width), When::soleReaches('smoothing-plane')],
                ),
            ]),
            new Operation('clear-glue', 'clear dried glue', 'Before it dulls a good edge.', [
                new Way(['rough-chisel'], 5, 2, 'bevel up, and no regrets', skill: 1),
                new Way(['card-scraper'], 4, 3, 'scraped level'),
                new Way(['firmer-chisel'], 3, 3, 'costs an edge'),
                new Way(['bench-chisel'], 2, 3, 'costs a good edge'),
            ]),
            new Operation('clamp-frame', 'clamp a frame', 'Four corners at once.', [
                new Way(['band-clamp'], 4, 3, 'one strap round all of it; test the diagonals', skill: 1),
                new Way(['clamps'], 4, 5, 'across both joints'),
            ]),
        ];
    }
}
