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

/** What marks and measures. */
final class LayoutOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'gauge' => self::gauge(...),
            'square' => self::square(...),
            'template' => self::template(...),
            'bevel' => self::bevel(...),
            'panel-gauge' => self::panelGauge(...),
            'dividers' => self::dividers(...),
            'rule' => self::rule(...),
            'straightedge' => self::straightedge(...),
            'sticks' => self::sticks(...),
        ];
    }

    private static function gauge(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 220), $size->of('width', 65)];

        return new Outline(
            width: $width,
            height: $length,
            bodies: [
                Path::rounded($width / 2 - 9, 0, 18, $length, 2)->of(Material::Wood),
                self::stock(0, $length * 0.55, $width, 28),
                Path::rounded(0, $length * 0.55 + 24, $width, 4, 1)->of(Material::Brass),
                Path::disc($width / 2, $length * 0.55 + 12, 7)->of(Material::Brass),
            ],
            edges: [Path::open([$width / 2 + 9, $length - 14], [$width / 2 + 14, $length - 14])],
        );
    }

    private static function square(OutlineSizes $size): Outline
    {
        [$blade, $bladeWidth, $stock, $stockWidth] = [
            $size->of('blade', 200),
            $size->of('bladeWidth', 42),
            $size->of('stock', 150),
            $size->of('stockWidth', 42),
        ];

        return new Outline(
            width: $stock,
            height: $blade + $stockWidth,
            bodies: [
                Path::box(0, 0, $bladeWidth, $blade),
                Path::rounded(0, $blade, $stock, $stockWidth, 3)->of(Material::Wood),
                Path::box(0, $blade, $stock, 3)->of(Material::Brass),
                ...array_map(
                    static fn (array $at): Path => Path::disc(
                        $bladeWidth * $at[0],
                        $blade + $stockWidth * $at[1],
                        min(3.0, $stockWidth * 0.1),
                    )->of(Material::Brass),
                    [[0.25, 0.35], [0.75, 0.55], [0.25, 0.78]],
                ),
            ],
            marks: [
                OutlineMark::upright('blade', $blade, 0),
                OutlineMark::along('stock', $stock, $blade + $stockWidth),
            ],
        );
    }

    private static function template(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 75), $size->of('width', 45)];

        return new Outline(
            width: $length,
            height: $width + 14,
            bodies: [
                Path::rounded(0, 0, $length, 14, 2)->of(Material::Wood),
                Path::closed(
                    [$length * 0.16, 14],
                    [$length * 0.84, 14],
                    [$length * 0.76, 14 + $width],
                    [$length * 0.24, 14 + $width],
                )->of(Material::Brass),
            ],
        );
    }

    private static function bevel(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 190), $size->of('width', 130)];

        // The stock stands upright; a blade shorter than it ends below its top.
        $height = max($length, $width + 20);
        $top = $height - $length;

        return new Outline(
            width: $width + 30,
            height: $height,
            bodies: [
                self::strip(14, $height - 27, $width + 22, $top + 6, 21),
                Path::rounded(0, $height - $width - 20, 26, $width + 20, 6)->of(Material::Wood),
                Path::rounded(0, $height - 30, 26, 30, 6)->of(Material::Brass),
                Path::disc(13, $height - 34, 7)->of(Material::Brass),
            ],
            details: [Path::open([9, $height - 34], [17, $height - 34])],
            marks: [new OutlineMark('length', [0, $top], [0, $height])],
        );
    }

    /** A straight piece from one place to another, of one width all along. */
    private static function strip(float $x, float $y, float $toX, float $toY, float $width): Path
    {
        $half = $width / 2 / max(1e-6, hypot($toX - $x, $toY - $y));
        [$across, $down] = [($y - $toY) * $half, ($toX - $x) * $half];

        return Path::closed(
            [$x - $across, $y - $down],
            [$x + $across, $y + $down],
            [$toX + $across, $toY + $down],
            [$toX - $across, $toY - $down],
        );
    }

    private static function panelGauge(OutlineSizes $size): Outline
    {
        [$length, $reach] = [$size->of('length', 520), $size->of('reach', 450)];

        return new Outline(
            width: 150,
            height: $length,
            bodies: [
                Path::rounded(62, 0, 22, $length, 2)->of(Material::Wood),
                self::stock(0, max(0, $length - $reach - 30), 150, 60),
                Path::disc(73, max(0, $length - $reach - 30) + 26, 9)->of(Material::Brass),
            ],
            edges: [Path::open([84, $length - 10], [92, $length - 10])],
            marks: [OutlineMark::upright('length', $length, 150)],
        );
    }

    private static function dividers(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 150);
        $shape = Path::inBox($length * 0.5, $length);

        return new Outline(
            width: $length * 0.5,
            height: $length,
            bodies: [
                $shape([0.44, 0.05], [0.5, 0.05], [0.06, 1], [0, 0.98]),
                $shape([0.5, 0.05], [0.56, 0.05], [1, 0.98], [0.94, 1]),
                Path::disc($length * 0.25, $length * 0.05, $length * 0.05)->of(Material::Brass),
            ],
            details: [
                Path::open(
                    ...Path::bend(
                        [$length * 0.12, $length * 0.55],
                        [$length * 0.25, $length * 0.65],
                        [$length * 0.38, $length * 0.55],
                    ),
                ),
            ],
            marks: [OutlineMark::upright('length', $length, $length * 0.5)],
        );
    }

    private static function rule(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 300), $size->of('width', 25)];
        // A thousand at most, whatever was typed.
        $ticks = range(0, max(0, (int) floor(min($length, 10000) / 10) - 1));

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::box(0, 0, $length, $width)],
            details: array_map(
                static fn (int $tick): Path => Path::open(
                    [$tick * 10, $width],
                    [$tick * 10, $width - ($tick % 5 === 0 ? 12 : 6)],
                ),
                $ticks,
            ),
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }

    private static function straightedge(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 900), $size->of('width', 50)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [
                Path::closed(
                    [0, $width],
                    ...Path::bend([0, $width * 0.6], [$length / 2, -$width * 0.55], [$length, $width * 0.6]),
                    ...[[$length, $width]],
                )->of(Material::Wood)->without(Path::disc($length * 0.06, $width * 0.72, $width * 0.12)),
            ],
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }

    private static function sticks(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 450), $size->of('width', 45)];
        $shape = Path::inBox($length, $width);

        return new Outline(
            width: $length,
            height: $width * 2 + 16,
            bodies: [
                $shape([0.02, 0], [0.98, 0], [1, 1], [0, 1])->of(Material::Wood),
                Path::box(0, $width + 16, $length, $width)->of(Material::Wood),
            ],
            details: [
                Path::open([$length * 0.02, 5], [$length * 0.98, 5]),
                Path::open([0, $width + 21], [$length, $width + 21]),
            ],
            marks: [OutlineMark::along('length', $length, $width * 2 + 16)],
        );
    }

    /** The stock of a gauge, its face below. */
    private static function stock(float $x, float $y, float $width, float $height): Path
    {
        return Pen::in($width, $height, $x, $y)
            ->to(0, 1)
            ->to(0, 0.5)
            ->curve(0, 0.14, 0.16, 0, 0.34, 0)
            ->to(0.66, 0)
            ->curve(0.84, 0, 1, 0.14, 1, 0.5)
            ->to(1, 1)
            ->closed(Material::Wood);
    }
}
