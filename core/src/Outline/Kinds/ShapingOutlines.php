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

/** What shapes and scrapes. */
final class ShapingOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'spokeshave' => self::spokeshave(...),
            'drawknife' => self::drawknife(...),
            'card' => self::card(...),
            'hatchet' => self::hatchet(...),
        ];
    }

    private static function spokeshave(OutlineSizes $size): Outline
    {
        [$length, $iron] = [$size->of('length', 250), $size->of('iron', 52)];
        $middle = $length / 2;

        return new Outline(
            width: $length,
            height: 46,
            bodies: [
                Pen::in($length, 46)->to(0, 0.24)->curve(0.06, 0.02, 0.2, 0.1, 0.3, 0.4)
                    ->curve(0.34, 0.5, 0.4, 0.44, 0.5, 0.44)->curve(0.6, 0.44, 0.66, 0.5, 0.7, 0.4)
                    ->curve(0.8, 0.1, 0.94, 0.02, 1, 0.24)->curve(1, 0.5, 0.86, 0.5, 0.74, 0.7)
                    ->curve(0.68, 0.9, 0.64, 0.96, 0.6, 0.96)->to(0.4, 0.96)->curve(0.36, 0.96, 0.32, 0.9, 0.26, 0.7)
                    ->curve(0.14, 0.5, 0, 0.5, 0, 0.24)->closed(Material::Steel),
                Path::rounded($middle - $iron / 2, 14, $iron, 28, 3),
                Path::disc($middle, 26, 7)->of(Material::Brass),
            ],
            marks: [OutlineMark::along('length', $length, 46)],
            edges: [Path::open([$middle - $iron / 2, 44], [$middle + $iron / 2, 44])],
        );
    }

    private static function drawknife(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 250);
        $width = $length + 80;

        return new Outline(
            width: $width,
            height: 130,
            bodies: [
                Path::closed(
                    [30, 58],
                    [34, 20, 30, 0, 46, 0],
                    [$width - 46, 0],
                    [$width - 30, 0, $width - 34, 20, $width - 30, 58],
                    [$width - 38, 58],
                    [$width - 40, 40, $width - 44, 34, $width - 56, 34],
                    [56, 34],
                    [44, 34, 40, 40, 38, 58],
                ),
                Handles::turned(0, 0, 30, 80)->upsideDown(30, 80)->moved(18, 50),
                Handles::turned(0, 0, 30, 80)->upsideDown(30, 80)->moved($width - 48, 50),
            ],
            details: [Path::open([48, 24], [32 + $length, 24])],
            edges: [Path::open([56, 34], [$width - 56, 34])],
            marks: [new OutlineMark('length', [40, 0], [40 + $length, 0])],
        );
    }

    private static function card(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 150), $size->of('width', 60)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::rounded(0, 0, $length, $width, 2)],
            edges: [Path::open([0, $width], [$length, $width])],
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }

    private static function hatchet(OutlineSizes $size): Outline
    {
        [$length, $head] = [$size->of('length', 380), $size->of('head', 110)];

        return new Outline(
            width: $head + 54,
            height: $length,
            bodies: [
                Pen::in(44, $length - 8, 0, 8)->to(0.16, 0)->to(0.76, 0)->curve(0.7, 0.3, 0.5, 0.5, 0.62, 0.76)
                    ->curve(0.7, 0.9, 1, 0.92, 0.98, 0.97)->curve(0.94, 1, 0.6, 1, 0.36, 1)
                    ->curve(0, 0.8, 0.16, 0.4, 0.16, 0)->closed(Material::Wood),
                Path::closed(
                    [0, 12],
                    [44, 12],
                    [64, 14, $head + 10, 16, $head + 42, 0],
                    [$head + 54, 30, $head + 54, $head - 24, $head + 46, $head],
                    [$head, $head - 30, 80, 56, 44, 52],
                    [0, 52],
                ),
            ],
            details: [Path::open([$head + 32, 8], [$head + 36, $head - 12])],
            edges: [Path::open(
                [$head + 42, 0],
                [$head + 54, 30, $head + 54, $head - 24, $head + 46, $head],
            )],
            marks: [OutlineMark::upright('length', $length, $head + 50)],
        );
    }
}
