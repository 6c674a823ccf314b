<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

/** Saws, seen from the side, handle to the left. */
final class SawOutlines
{
    private const PITCH = 9;

    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'back-saw' => self::backSaw(...),
            'handsaw' => self::handsaw(...),
            'coping-saw' => self::copingSaw(...),
            'pull-saw' => self::pullSaw(...),
            'bow-saw' => self::bowSaw(...),
        ];
    }

    private static function backSaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 260), $size->of('depth', 50), $size->of('handle', 120)];

        return new Outline(
            width: $length + $handle,
            height: $handle,
            bodies: [
                Path::box($handle * 0.85, $handle * 0.3, $length, $depth),
                Path::box($handle * 0.85, $handle * 0.22, $length, 12),
                self::grip(0, 0, $handle),
            ],
            details: [self::teeth($handle * 0.95, $handle * 0.3 + $depth, $length - $handle * 0.12)],
            marks: [
                new OutlineMark('length', [$handle * 0.85, $handle], [$handle * 0.85 + $length, $handle]),
                new OutlineMark(
                    'depth',
                    [$length + $handle, $handle * 0.3],
                    [$length + $handle, $handle * 0.3 + $depth],
                ),
            ],
        );
    }

    private static function handsaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 560), $size->of('depth', 150), $size->of('handle', 130)];
        $left = $handle * 0.85;

        return new Outline(
            width: $length + $handle,
            height: max($depth, $handle),
            bodies: [
                Path::closed(
                    [$left, 4],
                    [$left + $length, $depth * 0.45],
                    [$left + $length, $depth * 0.78],
                    [$left, $depth],
                ),
                self::grip(0, 6, $handle),
            ],
            marks: [new OutlineMark('length', [$left, max($depth, $handle)], [$left + $length, max($depth, $handle)])],
        );
    }

    private static function copingSaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 160), $size->of('depth', 120), $size->of('handle', 105)];

        return new Outline(
            width: $length + $handle,
            height: $depth + 12,
            bodies: [
                Path::closed(
                    [$handle, $depth],
                    [$handle, 0],
                    [$handle + $length, 0],
                    [$handle + $length, $depth],
                    [$handle + $length - 7, $depth],
                    [$handle + $length - 7, 7],
                    [$handle + 7, 7],
                    [$handle + 7, $depth],
                ),
                Path::closed(
                    [0, $depth - 12],
                    [$handle * 0.85, $depth - 8],
                    [$handle, $depth - 5],
                    [$handle, $depth + 3],
                    [$handle * 0.85, $depth + 6],
                    [0, $depth + 10],
                ),
            ],
            details: [Path::open([$handle, $depth - 3], [$handle + $length, $depth - 3])],
            marks: [new OutlineMark('length', [$handle, $depth + 12], [$handle + $length, $depth + 12])],
        );
    }

    private static function pullSaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 240), $size->of('depth', 60), $size->of('handle', 130)];
        $grip = $handle * 1.6;

        return new Outline(
            width: $length + $grip,
            height: $depth + 10,
            bodies: [
                Path::box(0, $depth * 0.5 - 8, $grip, 20),
                Path::closed(
                    [$grip, $depth * 0.25],
                    [$grip + $length, 0],
                    [$grip + $length, $depth],
                    [$grip, $depth * 0.8],
                ),
            ],
            details: [self::teeth($grip + 4, $depth * 0.92, $length - 8)],
            marks: [new OutlineMark('length', [$grip, $depth + 10], [$grip + $length, $depth + 10])],
        );
    }

    private static function bowSaw(OutlineSizes $size): Outline
    {
        [$length, $depth] = [$size->of('length', 400), $size->of('depth', 180)];
        $height = $depth + 120;

        return new Outline(
            width: $length + 60,
            height: $height,
            bodies: [
                Path::box(30, 10, 18, $height - 40),
                Path::box($length + 12, 10, 18, $height - 40),
                Path::box(48, $height * 0.42, $length - 36, 14),
                Path::box(0, $height - 40, 30, 18),
                Path::box($length + 30, $height - 40, 30, 18),
            ],
            details: [
                Path::open([39, 16], [$length + 21, 16]),
                Path::open([30, $height - 30], [$length + 30, $height - 30]),
            ],
            marks: [new OutlineMark('length', [30, $height], [$length + 30, $height])],
        );
    }

    /** A closed saw handle with its hole. */
    private static function grip(float $x, float $y, float $size): Path
    {
        $at = Path::inBox($size, $size);

        return $at([0.92, 0.2], [0.5, 0], [0.1, 0.12], [0.18, 0.35], [0, 0.9], [0.3, 1], [0.5, 0.82], [0.92, 0.78])
            ->without($at([0.62, 0.28], [0.4, 0.24], [0.3, 0.7], [0.62, 0.62]))
            ->moved($x, $y);
    }

    /** Teeth to look at: their number says nothing. */
    private static function teeth(float $x, float $y, float $length): Path
    {
        $points = [[$x, $y]];
        for ($at = 0; $at + self::PITCH <= min($length, 5000); $at += self::PITCH) {
            array_push($points, [$x + $at, $y], [$x + $at + self::PITCH / 2, $y + 4]);
        }

        return Path::open(...$points);
    }
}
