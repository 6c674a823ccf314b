<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Patterns;

use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Measure;
use JackRest\Core\Work\Measures;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Task;

/** Lids, panels, shelves and boards side by side. */
final class PanelPatterns
{
    /** @return list<Pattern> */
    public static function list(): array
    {
        return [
            new Pattern(
                'grooved-lid',
                'grooved lid',
                'A frame or battens grooved for thin boards.',
                'panel',
                [...self::size(480, 380, 18), Measure::length('groove', 'width of the groove', 6, 3, 15)],
                self::lid(...),
            ),
            new Pattern(
                'edge-glued-panel',
                'edge-glued panel',
                'Boards jointed in pairs and glued to one width.',
                'panel',
                self::size(900, 450, 20),
                self::glued(...),
            ),
            new Pattern(
                'tongue-boards',
                'tongue-and-groove boards',
                'Boards that move and stay together: backs, doors, floors.',
                'panel',
                self::size(700, 120, 20),
                self::tongued(...),
            ),
            new Pattern(
                'dado-shelf',
                'shelf in dados',
                'Shelves housed across the grain of their sides.',
                'shelf',
                [...self::size(800, 220, 20), Measure::length('dado', 'width of the dado', 18, 5, 40)],
                self::shelf(...),
            ),
            new Pattern(
                'frame-and-panel',
                'frame and panel',
                'Stiles and rails with mortise and tenon, a panel free in its groove.',
                'panel',
                [
                    ...self::size(600, 400, 20),
                    Measure::length('mortise', 'width of the mortise', 6, 3, 16),
                    Measure::length('groove', 'width of the groove', 6, 3, 15),
                    Measure::length('tenon', 'length of the tenon', 35, 10, 90),
                ],
                self::framed(...),
            ),
        ];
    }

    /** @return list<Measure> */
    private static function size(float $length, float $width, float $thickness): array
    {
        return [
            Measure::length('length', 'length', $length, 60, 3000),
            Measure::length('width', 'width', $width, 20, 1500),
            Measure::length('thickness', 'board thickness', $thickness, 4, 60),
        ];
    }

    /** @return list<Task> */
    private static function boards(Measures $m, float $widest = 220): array
    {
        return Ask::board($m->get('thickness'), min($widest, $m->get('width')), $m->get('length'), $m->hardness);
    }

    /** @return list<Task> */
    private static function lid(Measures $m): array
    {
        return [
            ...self::boards($m),
            Ask::for('groove', Facts::of(width: $m->get('groove'), thickness: $m->get('thickness'))),
            Ask::for(
                'edge-glue',
                Facts::of(width: $m->get('width'), length: $m->get('length'), tolerance: Ask::GLUED_MM),
            ),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('chamfer'),
        ];
    }

    /** @return list<Task> */
    private static function glued(Measures $m): array
    {
        return [
            ...self::boards($m),
            Ask::for(
                'edge-glue',
                Facts::of(width: $m->get('width'), length: $m->get('length'), tolerance: Ask::GLUED_MM),
            ),
            Ask::for('clear-glue'),
            Ask::for('check-straight', Facts::of(length: $m->get('length'))),
            Ask::for('mark-wide', Facts::of(width: $m->get('width'), length: $m->get('length'))),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
        ];
    }

    /** @return list<Task> */
    private static function tongued(Measures $m): array
    {
        return [
            ...self::boards($m),
            Ask::for('tongue-and-groove', Facts::of(thickness: $m->get('thickness'), length: $m->get('length'))),
            Ask::for('repeat-length', Facts::of(length: min($m->get('length'), 600.0))),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('start-screw'),
        ];
    }

    /** @return list<Task> */
    private static function shelf(Measures $m): array
    {
        return [
            ...self::boards($m),
            Ask::for('shoot-end', Facts::of(width: $m->get('width'), thickness: $m->get('thickness'))),
            Ask::for('repeat-length', Facts::of(length: min($m->get('length'), 600.0))),
            Ask::for('dado', Facts::of(width: $m->get('dado'), depth: $m->get('thickness') / 3)),
            Ask::for('level-recess', Facts::of(width: $m->get('dado'))),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('assemble', Facts::of(length: $m->get('width'))),
        ];
    }

    /** @return list<Task> */
    private static function framed(Measures $m): array
    {
        return [
            ...self::boards($m, 120),
            ...Ask::mortiseAndTenon($m->get('mortise'), $m->get('thickness'), 60, $m->get('tenon'), $m->hardness),
            Ask::for('groove', Facts::of(width: $m->get('groove'), thickness: $m->get('thickness'))),
            Ask::for(
                'edge-glue',
                Facts::of(width: $m->get('width'), length: $m->get('length'), tolerance: Ask::GLUED_MM),
            ),
            Ask::for('raise-panel'),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('clamp-frame'),
        ];
    }
}
