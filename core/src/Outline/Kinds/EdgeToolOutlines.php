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

/** Chisels and knives, hung by the handle. */
final class EdgeToolOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return ['chisel' => self::chisel(...), 'knife' => self::knife(...)];
    }

    private static function chisel(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 270), $size->of('width', 12)];
        $grip = max(26, $width);
        $shank = $length * 0.46;
        $middle = $grip / 2;
        $blade = Pen::in($width, $length - $shank, $middle - $width / 2, $shank);

        return new Outline(
            width: $grip,
            height: $length,
            bodies: [
                // The neck grows out of the bolster and swells into the blade.
                $blade->to(0.5 - 4 / $width, 0)->to(0.5 + 4 / $width, 0)
                    ->curve(0.5 + 5 / $width, 0.1, 1, 0.12, 1, 0.22)->to(1, 1)->to(0, 1)->to(0, 0.22)
                    ->curve(0, 0.12, 0.5 - 5 / $width, 0.1, 0.5 - 4 / $width, 0)->closed(Material::Steel),
                Path::rounded($middle - 9, $shank - 5, 18, 8, 3)->of(Material::Steel),
                Handles::turned($middle - 13, 0, 26, $shank - 4),
                Path::rounded($middle - 11.5, $shank * 0.05, 23, 6, 2)->of(Material::Steel),
            ],
            details: [Path::open([$middle - $width / 2, $length - 8], [$middle + $width / 2, $length - 8])],
            marks: [
                OutlineMark::upright('length', $length, $grip),
                new OutlineMark('width', [$middle - $width / 2, $length], [$middle + $width / 2, $length]),
            ],
            edges: [Path::open([$middle - $width / 2, $length], [$middle + $width / 2, $length])],
        );
    }

    private static function knife(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 170), $size->of('width', 15)];

        return new Outline(
            width: $width,
            height: $length,
            bodies: [
                Pen::in($width, $length)->to(0.15, 0.56)->to(0.85, 0.56)->to(0.85, 0.88)->to(0.15, 1)
                    ->closed(Material::Steel),
                Handles::turned(0, 0, $width, $length * 0.6),
                Path::rounded($width * 0.1, $length * 0.56, $width * 0.8, $length * 0.04, 2)->of(Material::Brass),
            ],
            marks: [OutlineMark::upright('length', $length, $width)],
            edges: [Path::open([$width * 0.85, $length * 0.88], [$width * 0.15, $length])],
        );
    }
}
