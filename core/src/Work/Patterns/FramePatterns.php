<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Patterns;

use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Measure;
use JackRest\Core\Work\Measures;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Task;

/** Stands, frames, jigs, benches and seats. */
final class FramePatterns
{
    /** @return list<Pattern> */
    public static function list(): array
    {
        return [
            new Pattern(
                'tenoned-stand',
                'mortise-and-tenon stand',
                'Four legs and their rails.',
                'stand',
                [
                    Measure::length('length', 'length of a rail', 500, 100, 2000),
                    Measure::length('height', 'height', 400, 100, 1200),
                    Measure::length('thickness', 'thickness of a leg', 40, 15, 120),
                    Measure::length('rail', 'width of a rail', 60, 20, 200),
                    Measure::length('mortise', 'width of the mortise', 10, 4, 30),
                    Measure::length('tenon', 'length of the tenon', 30, 8, 120),
                ],
                self::stand(...),
            ),
            new Pattern(
                'halved-frame',
                'halved frame or jig',
                'Strips let into each other by half their thickness.',
                'halved',
                [
                    Measure::length('length', 'length', 450, 60, 2000),
                    Measure::length('width', 'width of a strip', 40, 10, 150),
                    Measure::length('thickness', 'thickness of a strip', 20, 6, 60),
                ],
                self::halved(...),
            ),
            new Pattern(
                'mitred-frame',
                'mitred frame',
                'Four mitres that close; a rebate behind.',
                'frame',
                [
                    Measure::length('length', 'longest side', 400, 60, 1500),
                    Measure::length('width', 'width of the moulding', 40, 10, 120),
                    Measure::length('thickness', 'thickness', 20, 6, 60),
                    Measure::length('rebate', 'width of the rebate', 8, 3, 30),
                ],
                self::mitred(...),
            ),
            new Pattern(
                'round-stool',
                'stool with round legs',
                'Legs shaved round, tapered into a hollowed seat.',
                'stool',
                [
                    Measure::length('height', 'height', 450, 150, 800),
                    Measure::length('seat', 'seat thickness', 40, 20, 80),
                    Measure::length('socket', 'socket diameter', 25, 10, 45),
                ],
                self::stool(...),
            ),
            new Pattern(
                'curved-bracket',
                'curved bracket',
                'A shaped board: one edge hollow, one round.',
                'bracket',
                [
                    Measure::length('length', 'length', 300, 60, 1200),
                    Measure::length('thickness', 'thickness', 22, 6, 60),
                    Measure::length('radius', 'smallest radius', 60, 10, 1000),
                ],
                self::bracket(...),
            ),
            new Pattern(
                'workbench',
                'workbench',
                'Heavy legs with drawbored tenons, a thick top.',
                'stand',
                [
                    Measure::length('length', 'length of the top', 1500, 600, 3000),
                    Measure::length('thickness', 'thickness of a leg', 90, 50, 180),
                    Measure::length('mortise', 'width of the mortise', 25, 12, 50),
                    Measure::length('tenon', 'length of the tenon', 75, 30, 150),
                    Measure::length('peg', 'peg diameter', 12, 6, 25),
                ],
                self::bench(...),
            ),
            new Pattern(
                'saw-care',
                'saws kept sharp',
                'Jointed, set and filed at your own bench.',
                'tools',
                [Measure::count('saws', 'saws', 3, 1, 40)],
                static fn (): array => [Ask::for('have-saw'), Ask::for('sharpen-saw'), Ask::for('hold')],
            ),
        ];
    }

    /** @return list<Task> */
    private static function stand(Measures $m): array
    {
        return [
            ...Ask::board(
                $m->get('thickness'),
                $m->get('rail'),
                max($m->get('length'), $m->get('height')),
                $m->hardness,
            ),
            ...Ask::mortiseAndTenon(
                $m->get('mortise'),
                $m->get('thickness'),
                $m->get('rail'),
                $m->get('tenon'),
                $m->hardness,
            ),
            Ask::for('repeat-length', Facts::of(length: min($m->get('length'), 600.0))),
            Ask::for('chamfer'),
            Ask::for('smooth', Facts::of(length: $m->get('length'))),
            Ask::for('assemble', Facts::of(length: $m->get('length'))),
        ];
    }

    /** @return list<Task> */
    private static function halved(Measures $m): array
    {
        return [
            ...Ask::board($m->get('thickness'), $m->get('width'), $m->get('length'), $m->hardness),
            Ask::for('mark-parallel', Facts::of(depth: $m->get('thickness') / 2)),
            Ask::for(
                'halve',
                Facts::of(thickness: $m->get('thickness'), width: $m->get('width'), hardness: $m->hardness),
            ),
            Ask::for('level-recess', Facts::of(width: $m->get('width'))),
            Ask::for('hold'),
        ];
    }

    /** @return list<Task> */
    private static function mitred(Measures $m): array
    {
        return [
            ...Ask::board($m->get('thickness'), $m->get('width'), $m->get('length'), $m->hardness),
            Ask::for('rebate-along', Facts::of(width: $m->get('rebate'), depth: $m->get('rebate'))),
            Ask::for('mould-edge', minGrade: 4),
            Ask::for('mark-bevel'),
            Ask::for('saw-mitre', Facts::of(width: $m->get('width'), thickness: $m->get('thickness'))),
            Ask::for('shoot-mitre', Facts::of(width: $m->get('width'), thickness: $m->get('thickness')), 4),
            Ask::for('clamp-frame'),
        ];
    }

    /** @return list<Task> */
    private static function stool(Measures $m): array
    {
        $socket = $m->get('socket');

        return [
            Ask::for('crosscut', Facts::of(thickness: $m->get('seat'), width: 300, hardness: $m->hardness)),
            Ask::for('rough-out'),
            Ask::for('round', Facts::of(diameter: $socket + 10)),
            Ask::for('taper'),
            Ask::for('mark-bevel'),
            Ask::for('bore', Facts::of(diameter: min($socket, 20.0), hardness: $m->hardness)),
            Ask::for('ream-taper', Facts::of(diameter: $socket)),
            Ask::for('saw-curve', Facts::of(thickness: $m->get('seat'))),
            Ask::for('hollow'),
            Ask::for('shape-convex'),
            Ask::for('smooth-difficult'),
            Ask::for('tap-home'),
            Ask::for('flush-trim'),
        ];
    }

    /** @return list<Task> */
    private static function bracket(Measures $m): array
    {
        $curve = Facts::of(radius: $m->get('radius'), thickness: $m->get('thickness'));

        return [
            ...Ask::board($m->get('thickness'), 150, $m->get('length'), $m->hardness),
            Ask::for('saw-curve', Facts::of(thickness: $m->get('thickness'))),
            Ask::for('shape-convex', $curve),
            Ask::for('shape-concave', $curve),
            Ask::for('start-screw'),
            Ask::for('countersink'),
            Ask::for('drive-screw'),
        ];
    }

    /** @return list<Task> */
    private static function bench(Measures $m): array
    {
        $leg = $m->get('thickness');

        return [
            ...Ask::board($leg, 150, $m->get('length'), $m->hardness),
            Ask::for('mark-mortise', Facts::of(width: $m->get('mortise'))),
            Ask::for('bore', Facts::of(diameter: min(25.0, $m->get('mortise')), hardness: $m->hardness)),
            Ask::for(
                'chop-mortise',
                Facts::of(width: $m->get('mortise'), depth: $m->get('tenon'), hardness: $m->hardness),
            ),
            Ask::for(
                'saw-tenon-cheek',
                Facts::of(thickness: $leg, depth: $m->get('tenon'), width: $leg, hardness: $m->hardness),
            ),
            Ask::for(
                'saw-tenon-shoulder',
                Facts::of(thickness: $leg, depth: ($leg - $m->get('mortise')) / 2, hardness: $m->hardness),
            ),
            Ask::for('fit-tenon-cheek'),
            Ask::for('fit-tenon-shoulder', Facts::of(depth: ($leg - $m->get('mortise')) / 2)),
            Ask::for('make-pegs', Facts::of(diameter: $m->get('peg'))),
            Ask::for('tap-home'),
            Ask::for('flush-trim'),
        ];
    }
}
