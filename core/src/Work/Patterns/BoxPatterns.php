<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Patterns;

use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Measure;
use JackRest\Core\Work\Measures;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Task;

/** Boxes and what goes in them. */
final class BoxPatterns
{
    /** @return list<Pattern> */
    public static function list(): array
    {
        return [
            new Pattern(
                'dovetailed-box',
                'dovetailed box',
                'Tails and pins at every corner; a rebate inside the rim where one is wanted.',
                'box',
                [
                    ...self::size(460, 240, 22),
                    Measure::length('pin', 'narrowest gap between tails', 8, 2, 60),
                    Measure::length('rebate', 'rebate inside the rim (0 for none)', 11, 0, 60),
                    Measure::count('tails', 'tails at a corner', 5, 1, 40),
                ],
                self::dovetailed(...),
            ),
            new Pattern(
                'rebated-box',
                'rebated box',
                'Ends let into rebates across the grain, glued and pinned; a grooved bottom.',
                'rebated',
                [...self::size(350, 120, 15), Measure::length('groove', 'groove for the bottom', 6, 3, 15)],
                self::rebated(...),
            ),
            new Pattern(
                'drawer',
                'drawer',
                'Half-blind dovetails in front, a grooved bottom.',
                'box',
                [
                    ...self::size(400, 110, 12),
                    Measure::length('front', 'thickness of the front', 20, 12, 40),
                    Measure::length('pin', 'narrowest gap between tails', 5, 2, 30),
                    Measure::length('groove', 'groove for the bottom', 6, 3, 12),
                ],
                self::drawer(...),
            ),
        ];
    }

    /** @return list<Measure> */
    private static function size(float $length, float $height, float $thickness): array
    {
        return [
            Measure::length('length', 'length', $length, 60, 2000),
            Measure::length('height', 'height', $height, 20, 900),
            Measure::length('thickness', 'board thickness', $thickness, 4, 60),
        ];
    }

    /** @return list<Task> */
    private static function dovetailed(Measures $m): array
    {
        $thickness = $m->get('thickness');
        $tasks = [
            ...Ask::board($thickness, $m->get('height'), $m->get('length'), $m->hardness),
            Ask::for('shoot-end', Facts::of(width: $m->get('height'), thickness: $thickness)),
            ...self::tails($thickness, $m->get('pin'), $m),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('assemble', Facts::of(length: $m->get('length'))),
        ];

        return $m->get('rebate') > 0
            ? [...$tasks, Ask::for('rebate-along', Facts::of(width: $m->get('rebate'), depth: $m->get('rebate')))]
            : $tasks;
    }

    /** @return list<Task> */
    private static function tails(float $thickness, float $pin, Measures $m): array
    {
        return [
            Ask::for('mark-parallel', Facts::of(depth: $thickness), 4),
            Ask::for('mark-slope', minGrade: 4),
            Ask::for('step-off'),
            Ask::for('saw-dovetail', Facts::of(thickness: $thickness, depth: $thickness, hardness: $m->hardness), 4),
            Ask::for('clear-waste', Facts::of(gap: $pin, thickness: $thickness)),
            Ask::for('chop-across'),
            Ask::for('transfer', minGrade: 4),
            Ask::for('pare'),
        ];
    }

    /** @return list<Task> */
    private static function rebated(Measures $m): array
    {
        $thickness = $m->get('thickness');

        return [
            ...Ask::board($thickness, $m->get('height'), $m->get('length'), $m->hardness),
            Ask::for('shoot-end', Facts::of(width: $m->get('height'), thickness: $thickness)),
            Ask::for('mark-parallel', Facts::of(depth: $thickness)),
            Ask::for('rebate-across', Facts::of(width: $thickness, depth: $thickness / 2)),
            Ask::for('groove', Facts::of(width: $m->get('groove'), thickness: $thickness)),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('assemble', Facts::of(length: $m->get('length'))),
            Ask::for('ease-edges'),
        ];
    }

    /** @return list<Task> */
    private static function drawer(Measures $m): array
    {
        $thickness = $m->get('thickness');

        return [
            ...Ask::board($thickness, $m->get('height'), $m->get('length'), $m->hardness),
            Ask::for('shoot-end', Facts::of(width: $m->get('height'), thickness: $m->get('front'))),
            ...self::tails($thickness, $m->get('pin'), $m),
            Ask::for('clean-corner', Facts::of(gap: $m->get('pin'))),
            Ask::for('groove', Facts::of(width: $m->get('groove'), thickness: $thickness)),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('assemble', Facts::of(length: $m->get('length'))),
        ];
    }
}
