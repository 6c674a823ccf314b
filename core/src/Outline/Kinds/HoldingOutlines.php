<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

/** What strikes, holds and clamps. */
final class HoldingOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'mallet' => self::mallet(...),
            'bench-hook' => self::benchHook(...),
            'shooting-board' => self::shootingBoard(...),
            'clamp' => self::clamp(...),
            'hammer' => self::hammer(...),
            'trestle' => self::trestle(...),
            'vice' => self::vice(...),
            'holdfast' => self::holdfast(...),
            'hand-screw' => self::handScrew(...),
        ];
    }

    private static function mallet(OutlineSizes $size): Outline
    {
        [$length, $head, $width] = [$size->of('length', 310), $size->of('head', 150), $size->of('width', 85)];

        return new Outline(
            width: $head,
            height: $length,
            bodies: [
                Path::closed([6, 0], [$head - 6, 0], [$head, $width], [0, $width]),
                Path::closed(
                    [$head / 2 - 13, $width],
                    [$head / 2 + 13, $width],
                    [$head / 2 + 16, $length],
                    [$head / 2 - 16, $length],
                ),
            ],
        );
    }

    private static function benchHook(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 260), $size->of('width', 150)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::box(0, 0, $length, $width), Path::box($length - 38, 0, 38, $width * 0.82)],
            details: [Path::open([0, 34], [14, 34])],
        );
    }

    private static function shootingBoard(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 480), $size->of('width', 240)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [
                Path::box(0, 0, $length, $width),
                Path::box(0, 0, $length, $width * 0.66),
                Path::box($length - 44, 0, 44, $width * 0.66),
            ],
        );
    }

    private static function clamp(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 600), $size->of('width', 110)];

        return new Outline(
            width: $width,
            height: $length,
            bodies: [
                Path::box($width - 22, 0, 14, $length),
                Path::box(0, 18, $width, 20),
                Path::box(0, $length * 0.55, $width, 24),
                Path::box(14, $length * 0.55 + 24, 14, 90),
            ],
        );
    }

    private static function hammer(OutlineSizes $size): Outline
    {
        [$length, $head] = [$size->of('length', 300), $size->of('head', 110)];

        return new Outline(
            width: $head,
            height: $length,
            bodies: [
                Path::box(0, 4, $head * 0.3, 32),
                Path::box($head * 0.3, 8, $head * 0.4, 24),
                Path::box($head * 0.7, 4, $head * 0.3, 32),
                Path::box($head / 2 - 10, 32, 20, $length - 32),
            ],
            marks: [OutlineMark::upright('length', $length, $head)],
        );
    }

    private static function trestle(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 800), $size->of('height', 500)];
        $shape = Path::inBox($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                Path::box(0, 0, $length, 40),
                $shape([0.14, 0.08], [0.22, 0.08], [0.14, 1], [0.06, 1]),
                $shape([0.78, 0.08], [0.86, 0.08], [0.94, 1], [0.86, 1]),
                Path::box($length * 0.13, $height * 0.6, $length * 0.74, 30),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function vice(OutlineSizes $size): Outline
    {
        [$width, $depth] = [$size->of('width', 200), $size->of('depth', 220)];

        return new Outline(
            width: $width,
            height: $depth * 0.6 + 80,
            bodies: [
                Path::box(0, 0, $width, 36),
                Path::box(0, $depth * 0.6, $width, 36),
                Path::box($width / 2 - 9, 36, 18, $depth * 0.6 + 34),
                Path::box($width * 0.14, 36, 12, $depth * 0.6 - 36),
                Path::box($width * 0.86 - 12, 36, 12, $depth * 0.6 - 36),
                Path::box($width / 2 - 60, $depth * 0.6 + 66, 120, 10),
            ],
            marks: [OutlineMark::along('width', $width, $depth * 0.6 + 80)],
        );
    }

    private static function holdfast(OutlineSizes $size): Outline
    {
        [$reach, $shank] = [$size->of('depth', 150), $size->of('length', 200)];
        $one = static fn (float $x): Path => Path::closed(
            [$x, $shank + 30],
            ...Path::bend([$x, 30], [$x, 0], [$x + 30, 0]),
            ...[[$x + $reach * 0.7, 14], [$x + $reach * 0.72, 34]],
            ...Path::bend([$x + 34, 18], [$x + 18, 18], [$x + 18, 36]),
            ...[[$x + 18, $shank + 30]],
        );

        return new Outline(width: $reach * 1.5, height: $shank + 30, bodies: [$one(0), $one($reach * 0.78)]);
    }

    private static function handScrew(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 250);
        $width = $length * 0.55;

        return new Outline(
            width: $width,
            height: $length,
            bodies: [
                Path::box(0, 0, $width * 0.24, $length),
                Path::box($width * 0.76, 0, $width * 0.24, $length),
                Path::box($width * 0.24, $length * 0.45, $width * 0.52, 10),
                Path::box($width * 0.24, $length * 0.8, $width * 0.52, 10),
            ],
            marks: [OutlineMark::upright('length', $length, $width)],
        );
    }
}
