<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

/** Planes and their irons, seen from the side, sole down. */
final class PlaneOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'plane' => self::plane(...),
            'wooden-plane' => self::woodenPlane(...),
            'fillister' => self::fillister(...),
            'shoulder-plane' => self::shoulderPlane(...),
            'block-plane' => self::blockPlane(...),
            'plough' => self::plough(...),
            'router' => self::router(...),
            'block' => self::block(...),
            'compass-plane' => self::compassPlane(...),
            'iron' => self::iron(...),
            'irons' => self::irons(...),
        ];
    }

    private static function plane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 350), $size->of('height', 140)];
        $sole = $height * 0.36;

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                Path::closed(
                    [0, $height],
                    [0, $height - $sole * 0.4],
                    [$length * 0.22, $height - $sole * 0.5],
                    [$length * 0.4, $height - $sole],
                    [$length * 0.62, $height - $sole],
                    [$length * 0.85, $height - $sole * 0.5],
                    [$length, $height - $sole * 0.4],
                    [$length, $height],
                ),
                Path::closed(
                    [$length * 0.7, $height - $sole * 0.6],
                    [$length * 0.72, $height * 0.22],
                    [$length * 0.66, $height * 0.05],
                    [$length * 0.8, 0],
                    [$length * 0.84, $height * 0.25],
                    [$length * 0.82, $height - $sole * 0.55],
                ),
                Path::disc($length * 0.15, $height * 0.42, $height * 0.13),
                Path::box($length * 0.125, $height * 0.5, $length * 0.05, $height * 0.25),
            ],
            details: [
                Path::open([$length * 0.38, $height], [$length * 0.6, $height * 0.22]),
                Path::open([$length * 0.4, $height], [$length * 0.635, $height * 0.24]),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function woodenPlane(OutlineSizes $size): Outline
    {
        return self::wooden($size, false);
    }

    private static function fillister(OutlineSizes $size): Outline
    {
        return self::wooden($size, true);
    }

    private static function shoulderPlane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 200), $size->of('height', 75)];

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                Path::closed(
                    [0, $height],
                    [0, $height * 0.45],
                    [$length * 0.2, $height * 0.25],
                    [$length * 0.5, $height * 0.2],
                    [$length * 0.75, 0],
                    [$length * 0.95, $height * 0.12],
                    [$length, $height * 0.5],
                    [$length, $height],
                ),
            ],
            details: [
                Path::open([$length * 0.24, $height], [$length * 0.98, $height * 0.5]),
                Path::disc($length * 0.42, $height * 0.5, $height * 0.1),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function blockPlane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 160), $size->of('height', 55)];
        $shape = Path::inBox($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $shape([0, 1], [0, 0.75], [0.18, 0.55], [0.85, 0.6], [1, 0.8], [1, 1]),
                $shape([0.3, 0.62], [0.72, 0.02], [0.92, 0.1], [0.95, 0.62]),
            ],
            details: [
                Path::disc($length * 0.16, $height * 0.48, $height * 0.14),
                Path::open([$length * 0.22, $height], [$length * 0.6, $height * 0.6]),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function plough(OutlineSizes $size): Outline
    {
        [$length, $height, $iron] = [$size->of('length', 250), $size->of('height', 140), $size->of('iron', 6)];
        $shape = Path::inBox($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $shape([0.05, 0.95], [0.05, 0.45], [0.6, 0.4], [0.95, 0.45], [0.95, 0.95]),
                $shape([0.72, 0.45], [0.78, 0.05], [0.95, 0], [1, 0.12], [0.92, 0.48]),
                Path::box($length * 0.1, $height * 0.95, $length * 0.8, $height * 0.05),
                $shape([0.38, 0.9], [0.5, 0.2], [0.56, 0.22], [0.46, 0.92]),
            ],
            details: [
                Path::disc($length * 0.22, $height * 0.62, 8),
                Path::disc($length * 0.68, $height * 0.62, 8),
                Path::box($length * 0.44, $height * 0.9, max(2, $iron), $height * 0.1),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function router(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 180), $size->of('height', 90)];
        $shape = Path::inBox($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $shape([0, 0.82], [1, 0.82], [1, 0.92], [0, 0.92]),
                Path::disc($height * 0.27, $height * 0.55, $height * 0.26),
                Path::disc($length - $height * 0.27, $height * 0.55, $height * 0.26),
                $shape([0.44, 0.05], [0.56, 0.05], [0.56, 1], [0.44, 1]),
                $shape([0.3, 0.5], [0.7, 0.5], [0.76, 0.82], [0.24, 0.82]),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function block(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 120), $size->of('width', 60)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::box(0, 0, $length, $width)],
            details: [
                Path::open([$length * 0.1, $width * 0.3], [$length * 0.9, $width * 0.24]),
                Path::open([$length * 0.1, $width * 0.7], [$length * 0.9, $width * 0.66]),
            ],
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }

    private static function compassPlane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 260), $size->of('height', 130)];
        $shape = Path::inBox($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                Path::closed(
                    ...Path::bend([0, $height * 0.8], [$length / 2, $height * 1.15], [$length, $height * 0.8]),
                    ...Path::bend([$length, $height * 0.72], [$length / 2, $height * 1.02], [0, $height * 0.72]),
                ),
                $shape([0.28, 0.86], [0.28, 0.5], [0.72, 0.5], [0.72, 0.86]),
                $shape([0.52, 0.5], [0.68, 0], [0.76, 0.02], [0.62, 0.5]),
                Path::disc($length * 0.12, $height * 0.55, $height * 0.12),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function iron(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 180), $size->of('iron', 50)];

        return new Outline(
            width: $width,
            height: $length,
            bodies: [Path::box(0, 0, $width, $length), Path::box($width / 2 - 5, $length * 0.1, 10, $length * 0.6)],
            details: [
                Path::open([0, $length - 12], [$width, $length - 12]),
                ...array_map(
                    static fn (float $at): Path => Path::open([$width * $at, $length - 12], [$width * $at, $length]),
                    [0.2, 0.4, 0.6, 0.8],
                ),
            ],
            marks: [OutlineMark::upright('length', $length, $width), OutlineMark::along('iron', $width, $length)],
        );
    }

    private static function irons(OutlineSizes $size): Outline
    {
        [$length, $from, $to] = [$size->of('length', 160), $size->of('iron', 3), $size->of('widest', 14)];
        $widths = array_map(static fn (int $index): float => $from + (($to - $from) * $index) / 7, range(0, 7));
        $starts = array_map(
            static fn (int $index): float => array_sum(array_slice($widths, 0, $index)) + 6 * $index,
            range(0, 7),
        );

        return new Outline(
            width: $starts[7] + $to,
            height: $length,
            bodies: array_map(
                static fn (float $start, float $width): Path => Path::box($start, 0, $width, $length),
                $starts,
                $widths,
            ),
            marks: [OutlineMark::upright('length', $length, $starts[7] + $to)],
        );
    }

    private static function wooden(OutlineSizes $size, bool $fence): Outline
    {
        [$length, $height] = [$size->of('length', 240), $size->of('height', 150)];
        $body = $height * 0.5;
        $base = $fence ? $height - 14 : $height;
        $top = $base - $body;

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                Path::closed(
                    [0, $base],
                    [0, $top + 8],
                    [8, $top],
                    [$length - 8, $top],
                    [$length, $top + 8],
                    [$length, $base],
                ),
                Path::closed(
                    [$length * 0.42, $top],
                    [$length * 0.62, 0],
                    [$length * 0.7, $height * 0.06],
                    [$length * 0.56, $top],
                ),
                ...$fence ? [Path::box($length * 0.12, $base, $length * 0.76, 14)] : [],
            ],
            details: [
                Path::open([$length * 0.3, $base], [$length * 0.42, $top]),
                Path::open([$length * 0.3, $base], [$length * 0.56, $top]),
                ...$fence ? [Path::disc($length * 0.2, $base + 7, 4), Path::disc($length * 0.8, $base + 7, 4)] : [],
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }
}
