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

/** Planes of cast iron and their irons, seen from the side, sole down, toe to the left. */
final class PlaneOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'plane' => self::plane(...),
            'shoulder-plane' => self::shoulderPlane(...),
            'block-plane' => self::blockPlane(...),
            'router' => self::router(...),
            'compass-plane' => self::compassPlane(...),
            'iron' => self::iron(...),
            'irons' => self::irons(...),
        ];
    }

    private static function plane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 350), $size->of('height', 140)];
        $pen = Pen::in($length, $height);
        // Handles are made for hands, however long the plane is.
        $knob = min($length * 0.14, $height * 0.36);
        $tote = min($length * 0.26, $height * 0.68);
        $mouth = $length * 0.36;
        $iron = Pen::in($height * 0.72, $height, $mouth, 0);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $iron->to(0, 1)->to(0.05, 1)->to(1, 0.2)->to(0.93, 0.16)->closed(Material::Steel),
                Path::disc($mouth + $height * 0.44, $height * 0.6, $height * 0.08)->of(Material::Brass),
                Handles::tote($length * 0.97 - $tote, $height * 0.08, $tote, $height * 0.8),
                Handles::knob($length * 0.05, $height * 0.4, $knob, $height * 0.5),
                $pen->to(0, 1)->to(0, 0.87)
                    ->curve(0.14, 0.85, 0.24, 0.84, 0.3, 0.76)
                    ->curve(0.35, 0.68, 0.4, 0.62, 0.48, 0.62)
                    ->curve(0.58, 0.62, 0.62, 0.7, 0.67, 0.77)
                    ->curve(0.73, 0.84, 0.86, 0.85, 1, 0.87)
                    ->to(1, 1)->closed(Material::Steel),
                $iron->to(0.36, 0.66)->curve(0.4, 0.5, 0.6, 0.32, 0.88, 0.22)->to(0.92, 0.26)
                    ->curve(0.76, 0.42, 0.6, 0.56, 0.5, 0.64)->closed(Material::Steel),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [Path::open([$mouth, $height], [$mouth + $height * 0.036, $height])],
        );
    }

    private static function shoulderPlane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 200), $size->of('height', 75)];
        $pen = Pen::in($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $pen->to(0.2, 0.98)->to(0.24, 1)->to(0.99, 0.5)->to(0.97, 0.4)->closed(Material::Steel),
                $pen->to(0, 1)->to(0, 0.6)
                    ->curve(0.02, 0.42, 0.1, 0.3, 0.22, 0.28)
                    ->curve(0.4, 0.24, 0.48, 0.3, 0.56, 0.2)
                    ->curve(0.64, 0.04, 0.76, 0, 0.84, 0.02)
                    ->curve(0.94, 0.04, 0.95, 0.16, 0.9, 0.26)
                    ->curve(0.86, 0.36, 0.93, 0.46, 1, 0.66)
                    ->to(1, 1)->closed(Material::Steel),
                $pen->to(0.52, 0.5)->curve(0.6, 0.34, 0.7, 0.26, 0.82, 0.2)->to(0.86, 0.3)
                    ->curve(0.76, 0.4, 0.7, 0.52, 0.62, 0.62)->closed(Material::Wood),
                Path::disc($length * 0.34, $height * 0.56, $height * 0.13)->of(Material::Brass),
            ],
            details: [$pen->to(0.22, 1)->to(0.14, 0.72)->open()],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [$pen->to(0.2, 1)->to(0.25, 1)->open()],
        );
    }

    private static function blockPlane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 160), $size->of('height', 55)];
        $pen = Pen::in($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $pen->to(0.24, 0.97)->to(0.29, 1)->to(0.98, 0.44)->to(0.95, 0.36)->closed(Material::Steel),
                $pen->to(0.36, 0.74)->curve(0.42, 0.3, 0.58, 0, 0.76, 0.02)
                    ->curve(0.9, 0.04, 0.96, 0.22, 0.95, 0.4)->curve(0.8, 0.52, 0.6, 0.68, 0.46, 0.84)
                    ->closed(Material::Steel),
                Handles::knob($length * 0.08, $height * 0.36, $length * 0.14, $height * 0.34),
                $pen->to(0, 1)->to(0, 0.76)
                    ->curve(0.02, 0.68, 0.1, 0.66, 0.2, 0.66)
                    ->curve(0.4, 0.66, 0.42, 0.56, 0.54, 0.56)
                    ->curve(0.7, 0.56, 0.76, 0.68, 0.88, 0.68)
                    ->curve(0.96, 0.68, 1, 0.74, 1, 0.8)
                    ->to(1, 1)->closed(Material::Steel),
            ],
            details: [Path::disc($length * 0.56, $height * 0.78, $height * 0.1)],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [$pen->to(0.24, 1)->to(0.3, 1)->open()],
        );
    }

    private static function router(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 180), $size->of('height', 90)];
        $pen = Pen::in($length, $height);
        $knob = min($length * 0.28, $height * 0.56);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $pen->to(0.47, 0.04)->to(0.53, 0.04)->to(0.53, 0.94)->to(0.6, 1)->to(0.44, 1)->to(0.47, 0.94)
                    ->closed(Material::Steel),
                Handles::knob($length * 0.02, $height * 0.28, $knob, $height * 0.6),
                Handles::knob($length * 0.98 - $knob, $height * 0.28, $knob, $height * 0.6),
                $pen->to(0, 0.92)->to(0, 0.84)->curve(0.2, 0.84, 0.34, 0.84, 0.38, 0.7)
                    ->curve(0.4, 0.52, 0.42, 0.44, 0.5, 0.44)->curve(0.58, 0.44, 0.6, 0.52, 0.62, 0.7)
                    ->curve(0.66, 0.84, 0.8, 0.84, 1, 0.84)->to(1, 0.92)->closed(Material::Steel),
                Path::disc($length * 0.5, $height * 0.62, $height * 0.08)->of(Material::Brass),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [$pen->to(0.44, 1)->to(0.6, 1)->open()],
        );
    }

    private static function compassPlane(OutlineSizes $size): Outline
    {
        [$length, $height] = [$size->of('length', 260), $size->of('height', 130)];
        $pen = Pen::in($length, $height);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $pen->to(0.42, 0.97)->to(0.46, 0.98)->to(0.74, 0.04)->to(0.69, 0)->closed(Material::Steel),
                Path::box($length * 0.32, $height * 0.34, $length * 0.04, $height * 0.3),
                Path::disc($length * 0.34, $height * 0.28, $height * 0.1)->of(Material::Brass),
                Handles::tote($length * 0.72, $height * 0.2, $length * 0.26, $height * 0.54),
                $pen->to(0.22, 0.88)->curve(0.22, 0.62, 0.3, 0.46, 0.44, 0.44)
                    ->curve(0.62, 0.42, 0.76, 0.58, 0.8, 0.86)->closed(Material::Steel),
                $pen->to(0, 0.8)->curve(0.26, 1.06, 0.74, 1.06, 1, 0.8)->to(0.99, 0.75)
                    ->curve(0.74, 0.98, 0.26, 0.98, 0.01, 0.75)->closed(Material::Steel),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [$pen->to(0.42, 0.99)->to(0.47, 0.995)->open()],
        );
    }

    private static function iron(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 180), $size->of('iron', 50)];
        $pen = Pen::in($width, $length);
        $slot = Path::rounded($width / 2 - 5, $length * 0.12, 10, $length * 0.56, 5);

        return new Outline(
            width: $width,
            height: $length,
            bodies: [
                $pen->to(0.06, 0.03)->curve(0.2, 0, 0.8, 0, 0.94, 0.03)->to(1, 0.06)->to(1, 1)->to(0, 1)->to(0, 0.06)
                    ->closed(Material::Steel)->without($slot),
            ],
            details: [
                Path::open([0, $length - 12], [$width, $length - 12]),
                Path::disc($width / 2, $length * 0.78, min(9, $width * 0.2)),
            ],
            marks: [OutlineMark::upright('length', $length, $width), OutlineMark::along('iron', $width, $length)],
            edges: [Path::open([0, $length], [$width, $length])],
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
                static fn (float $start, float $width): Path => Pen::in($width, $length, $start)
                    ->to(0.2, 0)->to(0.8, 0)->to(1, 0.3)->to(1, 1)->to(0, 1)->to(0, 0.3)->closed(Material::Steel),
                $starts,
                $widths,
            ),
            marks: [OutlineMark::upright('length', $length, $starts[7] + $to)],
            edges: array_map(
                static fn (float $start, float $width): Path => Path::open(
                    [$start, $length],
                    [$start + $width, $length],
                ),
                $starts,
                $widths,
            ),
        );
    }
}
