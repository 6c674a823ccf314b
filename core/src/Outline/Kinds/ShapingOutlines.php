<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

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
                Path::inBox($length, 46)(
                    [0, 0.2],
                    [0.3, 0.45],
                    [0.7, 0.45],
                    [1, 0.2],
                    [1, 0.5],
                    [0.68, 0.85],
                    [0.32, 0.85],
                    [0, 0.5],
                ),
                Path::box($middle - $iron / 2, 12, $iron, 32),
            ],
            details: [Path::open([$middle - $iron / 2, 36], [$middle + $iron / 2, 36])],
            marks: [OutlineMark::along('length', $length, 46)],
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
                Path::box(40, 0, $length, 34),
                Path::box(28, 4, 12, 50),
                Path::box($width - 40, 4, 12, 50),
                Path::box(18, 54, 30, 76),
                Path::box($width - 48, 54, 30, 76),
            ],
            details: [Path::open([40, 24], [40 + $length, 24])],
            marks: [new OutlineMark('length', [40, 0], [40 + $length, 0])],
        );
    }

    private static function card(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 150), $size->of('width', 60)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::box(0, 0, $length, $width)],
            details: [Path::open([3, $width - 3], [$length - 3, $width - 3])],
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }

    private static function hatchet(OutlineSizes $size): Outline
    {
        [$length, $head] = [$size->of('length', 380), $size->of('head', 110)];

        return new Outline(
            width: $head + 50,
            height: $length,
            bodies: [
                Path::box(0, 12, 26, $length - 12),
                Path::closed([0, 10], [60, 10], [$head + 40, 0], [$head + 50, $head], [60, 60], [0, 60]),
            ],
            details: [Path::open([$head + 32, 4], [$head + 40, $head - 6])],
            marks: [OutlineMark::upright('length', $length, $head + 50)],
        );
    }
}
