<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;
use JackRest\Core\Work\When;

/** Fitting of joints. Common practice; grades and minutes from memory. */
final class JointFittingOperations
{
    /** @return list<Operation> */
    public static function list(): array
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
