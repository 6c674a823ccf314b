<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Material;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;
use JackRest\Core\Outline\Pen;

/** Saws, seen from the side, handle to the left. */
final class SawOutlines
{
    private const PITCH = 22;

    /** Longer saws have a closed handle; common practice. */
    private const OPEN_UP_TO_MM = 265;

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
        [$left, $top] = [$handle * 0.85, $handle * 0.3];

        return new Outline(
            width: $length + $handle,
            height: max($handle, $top + $depth + 4),
            bodies: [
                Path::box($left, $top, $length, $depth),
                Path::rounded($left - $handle * 0.12, $top - 8, $length + $handle * 0.12, 12, 3)->of(Material::Brass),
                $length <= self::OPEN_UP_TO_MM
                    ? Handles::openGrip(0, 0, $handle)
                    : Handles::closedGrip(0, 0, $handle),
                Path::disc($handle * 0.8, $handle * 0.34, 5)->of(Material::Brass),
                Path::disc($handle * 0.78, $handle * 0.52, 5)->of(Material::Brass),
            ],
            marks: [
                new OutlineMark('length', [$left, $handle], [$left + $length, $handle]),
                new OutlineMark('depth', [$length + $handle, $top], [$length + $handle, $top + $depth]),
            ],
            edges: [self::teeth($handle * 0.97, $top + $depth, $length - $handle * 0.14)],
        );
    }

    private static function handsaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 560), $size->of('depth', 150), $size->of('handle', 130)];
        $left = $handle * 0.85;
        $plate = Pen::in($length, $depth, $left);

        return new Outline(
            width: $length + $handle,
            height: max($depth + 4, $handle),
            bodies: [
                $plate->to(0, 0.04)->to(0.98, 0.5)->curve(1, 0.52, 1, 0.56, 1, 0.6)->to(1, 0.8)->to(0, 1)
                    ->closed(Material::Steel),
                Handles::closedGrip(0, 4, $handle),
                ...array_map(
                    static fn (float $y): Path => Path::disc($handle * 0.86, $handle * $y, 5)->of(Material::Brass),
                    [0.3, 0.48, 0.66],
                ),
            ],
            marks: [new OutlineMark('length', [$left, max($depth, $handle)], [$left + $length, max($depth, $handle)])],
            edges: [self::teethBetween([$left + $handle * 0.15, $depth * 0.99], [$left + $length, $depth * 0.8])],
        );
    }

    private static function copingSaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 160), $size->of('depth', 120), $size->of('handle', 105)];
        $right = $handle + $length;

        return new Outline(
            width: $right,
            height: $depth + 12,
            bodies: [
                Path::closed(
                    [$handle, $depth],
                    [$handle, 20],
                    [$handle, 6, $handle + 8, 0, $handle + 20, 0],
                    [$right - 20, 0],
                    [$right - 8, 0, $right, 6, $right, 20],
                    [$right, $depth],
                    [$right - 7, $depth],
                    [$right - 7, 20],
                    [$right - 7, 10, $right - 12, 7, $right - 20, 7],
                    [$handle + 20, 7],
                    [$handle + 12, 7, $handle + 7, 10, $handle + 7, 20],
                    [$handle + 7, $depth],
                ),
                Handles::lying(0, $depth - 14, $handle, 22),
            ],
            marks: [new OutlineMark('length', [$handle, $depth + 12], [$right, $depth + 12])],
            edges: [Path::open([$handle, $depth - 3], [$right, $depth - 3])],
        );
    }

    private static function pullSaw(OutlineSizes $size): Outline
    {
        [$length, $depth, $handle] = [$size->of('length', 240), $size->of('depth', 60), $size->of('handle', 130)];
        $grip = $handle * 1.6;
        $plate = Pen::in($length, $depth, $grip);

        return new Outline(
            width: $length + $grip,
            height: $depth + 10,
            bodies: [
                Path::rounded(0, $depth * 0.5 - 9, $grip, 20, 9)->of(Material::Wood),
                $plate->to(0, 0.25)->curve(0.2, 0.22, 0.5, 0.06, 1, 0)->to(1, 1)->to(0.1, 0.86)
                    ->curve(0.04, 0.84, 0, 0.82, 0, 0.78)->closed(Material::Steel),
            ],
            details: array_map(
                static fn (float $at): Path => Path::open(
                    [$grip * $at, $depth * 0.5 - 9],
                    [$grip * $at + 10, $depth * 0.5 + 11],
                ),
                [0.2, 0.35, 0.5, 0.65, 0.8],
            ),
            marks: [new OutlineMark('length', [$grip, $depth + 10], [$grip + $length, $depth + 10])],
            edges: [self::teethBetween([$grip + $length * 0.1, $depth * 0.86], [$grip + $length, $depth])],
        );
    }

    private static function bowSaw(OutlineSizes $size): Outline
    {
        [$length, $depth] = [$size->of('length', 400), $size->of('depth', 180)];
        $height = $depth + 120;
        $arm = static fn (float $x, float $lean): Path => Pen::in(26, $height - 20, $x, 6)
            ->to(0.5 + $lean, 0)
            ->curve(0.9 + $lean, 0.02, 0.8, 0.2, 0.86, 0.42)
            ->curve(0.9, 0.7, 0.8, 0.9, 0.74, 1)
            ->to(0.26, 1)
            ->curve(0.2, 0.9, 0.1, 0.7, 0.14, 0.42)
            ->curve(0.2, 0.2, 0.1 + $lean, 0.02, 0.5 + $lean, 0)
            ->closed(Material::Wood);

        return new Outline(
            width: $length + 60,
            height: $height,
            bodies: [
                Path::rounded(40, $height * 0.42, $length - 20, 13, 5)->of(Material::Wood),
                $arm(26, 0.12),
                $arm($length + 8, -0.12),
                Path::rounded(0, $height - 42, 38, 18, 8)->of(Material::Wood),
                Path::rounded($length + 22, $height - 42, 38, 18, 8)->of(Material::Wood),
            ],
            details: [
                Path::open([39, 16], [$length + 21, 20]),
                Path::open([39, 20], [$length + 21, 16]),
                Path::open([$length * 0.5 + 28, 18], [$length * 0.5 + 32, $height * 0.42]),
            ],
            marks: [new OutlineMark('length', [30, $height], [$length + 30, $height])],
            edges: [Path::open([30, $height - 30], [$length + 30, $height - 30])],
        );
    }

    /** Teeth to look at: their number says nothing. */
    private static function teeth(float $x, float $y, float $length): Path
    {
        return self::teethBetween([$x, $y], [$x + $length, $y]);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function teethBetween(array $from, array $to): Path
    {
        $length = min(5000.0, hypot($to[0] - $from[0], $to[1] - $from[1]));
        $count = max(1, (int) floor($length / self::PITCH));
        $points = [$from];
        for ($tooth = 0; $tooth < $count; $tooth++) {
            foreach ([[$tooth + 0.6, 5.0], [$tooth + 1.0, 0.0]] as [$share, $down]) {
                $points[] = [
                    $from[0] + ($to[0] - $from[0]) * $share / $count,
                    $from[1] + ($to[1] - $from[1]) * $share / $count + $down,
                ];
            }
        }

        return Path::open(...$points);
    }
}
