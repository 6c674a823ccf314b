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
                static fn (int $row): Path => Path::rounded(
                    $row * 3,
                    $row * (($width + 60) / 4),
                    $length - $row * 6,
                    ($width + 60) / 4 - 5,
                    3,
                )->of(Material::Stone),
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
            bodies: [
                Path::rounded(0, 0, $length, $width, 6),
                Path::rounded(6, 6, $length - 12, $width - 12, 3)->of(Material::Stone),
            ],
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
                Path::rounded(0, 0, $length * 0.74, $width, 4)->of(Material::Wood),
                Pen::in($length * 0.28, $width * 0.5, $length * 0.72, $width * 0.25)->to(0, 0)
                    ->curve(0.2, 0.1, 0.6, 0.1, 0.8, 0.1)->curve(1, 0.1, 1, 0.9, 0.8, 0.9)
                    ->curve(0.6, 0.9, 0.2, 0.9, 0, 1)->closed(Material::Wood),
                Path::rounded(3, 3, $length * 0.68, $width - 6, 2)->of(Material::Stone),
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
                Path::closed([$r * 0.9, $r], [$r * 1.1, $r], [$r * 1.4, 2 * $r + 14], [$r * 0.6, 2 * $r + 14]),
                Path::rounded($r * 0.4, 2 * $r + 10, $r * 1.2, 30, 4),
                Path::disc($r, $r, $r)->of(Material::Stone),
                Path::rounded($r - 7, $r - 7, $r + 36, 14, 7),
                Path::disc($r, $r, $r * 0.2),
                Path::rounded(2 * $r + 14, $r - 12, 44, 24, 9)->of(Material::Wood),
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
            bodies: [
                Path::rounded(9, $length * 0.4, 6, $length * 0.6, 3),
                Handles::turned(1, 0, 22, $length * 0.45),
            ],
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
                Path::inBox(24, $length)([0.42, 0.28], [0.58, 0.28], [0.88, 0.4], [0.8, 1], [0.2, 1], [0.12, 0.4]),
                Handles::turned(1, 0, 22, $length * 0.34),
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
        $pen = Pen::in(90, $length);

        return new Outline(
            width: 90,
            height: $length,
            bodies: [
                $pen->to(0.6, 0.24)->curve(0.44, 0.5, 0.12, 0.6, 0.02, 0.98)->curve(0.06, 1, 0.14, 1, 0.18, 0.98)
                    ->curve(0.3, 0.66, 0.6, 0.54, 0.7, 0.3)->closed(Material::Steel),
                $pen->to(0.4, 0.24)->curve(0.56, 0.5, 0.88, 0.6, 0.98, 0.98)->curve(0.94, 1, 0.86, 1, 0.82, 0.98)
                    ->curve(0.7, 0.66, 0.4, 0.54, 0.3, 0.3)->closed(Material::Steel),
                $pen->to(0.4, 0)->to(0.6, 0)->curve(0.7, 0.1, 0.74, 0.2, 0.68, 0.3)
                    ->curve(0.6, 0.36, 0.4, 0.36, 0.32, 0.3)->curve(0.26, 0.2, 0.3, 0.1, 0.4, 0)
                    ->closed(Material::Steel),
                Path::disc(45, $length * 0.26, 6)->of(Material::Brass),
            ],
            details: [Path::open([45, 0], [45, $length * 0.2])],
            marks: [OutlineMark::upright('length', $length, 90)],
        );
    }

    private static function guide(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 70), $size->of('width', 60)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [
                Path::rounded(0, 10, $length, $width * 0.4, 5),
                Path::disc($length / 2, $width * 0.75, $width * 0.22)->of(Material::Brass),
            ],
            details: [
                Path::open([$length * 0.2, 10], [$length * 0.2, 10 + $width * 0.4]),
                Path::open([$length * 0.8, 10], [$length * 0.8, 10 + $width * 0.4]),
            ],
        );
    }
}
