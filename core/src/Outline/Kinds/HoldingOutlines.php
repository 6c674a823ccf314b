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
                Handles::shaft($head / 2 - 17, $width * 0.9, 34, $length - $width * 0.9),
                Pen::in($head, $width)->to(0.05, 0.06)->curve(0.3, -0.01, 0.7, -0.01, 0.95, 0.06)->to(1, 1)->to(0, 1)
                    ->closed(Material::Wood),
            ],
            details: [Path::rounded($head / 2 - 13, 3, 26, 10, 2)],
        );
    }

    private static function benchHook(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 260), $size->of('width', 150)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [
                Path::rounded(0, 0, $length, $width, 3)->of(Material::Wood),
                Path::rounded($length - 38, 0, 38, $width * 0.82, 2)->of(Material::Wood),
                Path::rounded(0, $width * 0.18, 38, $width * 0.82, 2)->of(Material::Wood),
            ],
        );
    }

    private static function shootingBoard(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 480), $size->of('width', 240)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [
                Path::rounded(0, 0, $length, $width, 3)->of(Material::Wood),
                Path::rounded(0, 0, $length, $width * 0.66, 3)->of(Material::Wood),
                Path::rounded($length - 44, 0, 44, $width * 0.66, 2)->of(Material::Wood),
            ],
        );
    }

    private static function clamp(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 600), $size->of('width', 110)];
        // The jaw that slides hangs where its screw is still beside the bar, on a short one right below the other jaw.
        $jaw = max(44, min($length * 0.55, $length - 118));

        return new Outline(
            width: $width,
            height: max($length, $jaw + 118),
            bodies: [
                Path::rounded($width - 22, 0, 14, $length, 2),
                Path::rounded(0, 18, $width, 20, 6),
                Path::box(18, $jaw + 14, 6, 40),
                Path::rounded(0, $jaw, $width, 24, 6),
                Handles::turned(9, $jaw + 34, 24, 84),
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
                Handles::shaft($head / 2 - 13, 8, 26, $length - 8),
                // Face to the left, a straight pein to the right.
                Pen::in($head, 40)->to(0, 0.12)->curve(0, 0.04, 0.03, 0, 0.08, 0)->to(0.2, 0)
                    ->curve(0.26, 0, 0.28, 0.14, 0.36, 0.16)->to(0.64, 0.16)->curve(0.78, 0.16, 0.9, 0.3, 1, 0.42)
                    ->to(1, 0.56)->curve(0.88, 0.6, 0.78, 0.8, 0.64, 0.82)->to(0.36, 0.82)
                    ->curve(0.28, 0.84, 0.26, 1, 0.2, 1)->to(0.08, 1)->curve(0.03, 1, 0, 0.96, 0, 0.88)
                    ->closed(Material::Steel),
            ],
            marks: [OutlineMark::upright('length', $length, $head)],
        );
    }

    private static function trestle(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 800), $size->of('height', 500)];
        $top = 30 / $height;
        $shape = Path::inBox($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                Path::box($length * 0.13, $height * 0.6, $length * 0.74, 30)->of(Material::Wood),
                $shape([0.14, $top], [0.22, $top], [0.14, 1], [0.06, 1])->of(Material::Wood),
                $shape([0.78, $top], [0.86, $top], [0.94, 1], [0.86, 1])->of(Material::Wood),
                Path::rounded(0, 0, $length, 40, 3)->of(Material::Wood),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
        );
    }

    private static function vice(OutlineSizes $size): Outline
    {
        [$width, $depth] = [$size->of('width', 200), $size->of('depth', 220)];
        // Open by more than half, so that its rods show.
        $jaw = max(44, $depth * 0.6);
        $bar = min(120, $width);

        return new Outline(
            width: $width,
            height: $jaw + 80,
            bodies: [
                Path::rounded($width / 2 - 9, 36, 18, $jaw + 34, 3),
                Path::rounded(0, 0, $width, 36, 4),
                Path::rounded(0, $jaw, $width, 36, 10),
                Path::box($width * 0.14, 36, 12, $jaw - 36),
                Path::box($width * 0.86 - 12, 36, 12, $jaw - 36),
                Path::rounded(($width - $bar) / 2, $jaw + 66, $bar, 10, 5),
            ],
            marks: [OutlineMark::along('width', $width, $jaw + 80)],
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
                Path::box($width * 0.2, $length * 0.45, $width * 0.6, 10),
                Path::box($width * 0.2, $length * 0.8, $width * 0.6, 10),
                Pen::in($width * 0.24, $length)->to(1, 0.02)->to(1, 1)->to(0.2, 1)->curve(0.05, 1, 0, 0.98, 0, 0.94)
                    ->to(0, 0.3)->curve(0, 0.16, 0.5, 0.04, 1, 0)->closed(Material::Wood),
                Pen::in($width * 0.24, $length, $width * 0.76)->to(0, 0.02)->to(0, 1)->to(0.8, 1)
                    ->curve(0.95, 1, 1, 0.98, 1, 0.94)->to(1, 0.3)->curve(1, 0.16, 0.5, 0.04, 0, 0)
                    ->closed(Material::Wood),
            ],
            marks: [OutlineMark::upright('length', $length, $width)],
        );
    }
}
