<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

/** Stones and what goes with them. */
final class SharpeningOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'stone' => self::stone(...),
            'plate' => self::plate(...),
            'strop' => self::strop(...),
            'wheel' => self::wheel(...),
            'rod' => self::rod(...),
            'file' => self::file(...),
            'pliers' => self::pliers(...),
            'guide' => self::guide(...),
        ];
    }

    private static function stone(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 200), $size->of('width', 70)];

        return new Outline(
            width: $length,
            height: $width + 60,
            bodies: array_map(
                static fn (int $row): Path => Path::box(
                    $row * 3,
                    $row * (($width + 60) / 4),
                    $length - $row * 6,
                    ($width + 60) / 4 - 5,
                ),
                [0, 1, 2, 3],
            ),
            marks: [OutlineMark::along('length', $length, $width + 60)],
        );
    }

    private static function plate(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 200), $size->of('width', 75)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::box(0, 0, $length, $width), Path::box(6, 6, $length - 12, $width - 12)],
            details: [
                Path::open([$length * 0.2, $width - 6], [$length * 0.8, 6]),
                Path::open([$length * 0.5, $width - 6], [$length - 6, $width * 0.4]),
            ],
            marks: [OutlineMark::along('length', $length, $width), OutlineMark::upright('width', $width, $length)],
        );
    }

    private static function strop(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 280), $size->of('width', 65)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [
                Path::box(0, 0, $length * 0.72, $width),
                Path::box($length * 0.72, $width * 0.3, $length * 0.28, $width * 0.4),
            ],
            details: [Path::open([$length * 0.72, 4], [$length * 0.72, $width - 4])],
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }

    private static function wheel(OutlineSizes $size): Outline
    {
        $r = $size->of('diameter', 150) / 2;

        return new Outline(
            width: 2 * $r + 60,
            height: 2 * $r + 40,
            bodies: [
                Path::disc($r, $r, $r),
                Path::disc($r, $r, $r * 0.2),
                Path::box($r * 0.4, 2 * $r + 10, $r * 1.2, 30),
                Path::box(2 * $r + 6, $r - 6, 44, 10),
            ],
            marks: [OutlineMark::along('diameter', 2 * $r, 2 * $r + 40)],
        );
    }

    private static function rod(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 220);

        return new Outline(
            width: 24,
            height: $length,
            bodies: [Path::box(4, 0, 16, $length * 0.45), Path::box(9, $length * 0.45, 6, $length * 0.55)],
            marks: [OutlineMark::upright('length', $length, 24)],
        );
    }

    private static function file(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 220);

        return new Outline(
            width: 24,
            height: $length,
            bodies: [
                Path::box(5, 0, 14, $length * 0.34),
                Path::inBox(24, $length)([0.12, 0.36], [0.88, 0.36], [0.8, 1], [0.2, 1]),
            ],
            details: array_map(
                static fn (float $at): Path => Path::open([5, $length * $at], [19, $length * ($at - 0.05)]),
                [0.45, 0.6, 0.75, 0.9],
            ),
            marks: [OutlineMark::upright('length', $length, 24)],
        );
    }

    private static function pliers(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 180);
        $shape = Path::inBox(90, $length);

        return new Outline(
            width: 90,
            height: $length,
            bodies: [
                $shape([0.35, 0], [0.65, 0], [0.7, 0.3], [0.3, 0.3]),
                $shape([0.3, 0.3], [0.45, 0.3], [0.2, 1], [0, 1]),
                $shape([0.55, 0.3], [0.7, 0.3], [1, 1], [0.8, 1]),
            ],
            details: [Path::disc(45, $length * 0.27, 5)],
            marks: [OutlineMark::upright('length', $length, 90)],
        );
    }

    private static function guide(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 70), $size->of('width', 60)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::box(0, 10, $length, $width * 0.4), Path::disc($length / 2, $width * 0.75, $width * 0.22)],
            details: [
                Path::open([$length * 0.2, 10], [$length * 0.2, 10 + $width * 0.4]),
                Path::open([$length * 0.8, 10], [$length * 0.8, 10 + $width * 0.4]),
            ],
        );
    }
}
