<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

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

        return new Outline(
            width: $grip,
            height: $length,
            bodies: [
                Path::closed(
                    [$grip / 2 - 12, 0],
                    [$grip / 2 + 12, 0],
                    [$grip / 2 + 13, $shank * 0.7],
                    [$grip / 2 + 8, $shank],
                    [$grip / 2 - 8, $shank],
                    [$grip / 2 - 13, $shank * 0.7],
                ),
                Path::closed(
                    [$grip / 2 - 4, $shank],
                    [$grip / 2 + 4, $shank],
                    [$grip / 2 + $width / 2, $shank + 22],
                    [$grip / 2 + $width / 2, $length],
                    [$grip / 2 - $width / 2, $length],
                    [$grip / 2 - $width / 2, $shank + 22],
                ),
            ],
            details: [Path::open([$grip / 2 - $width / 2, $length - 8], [$grip / 2 + $width / 2, $length - 8])],
            marks: [
                OutlineMark::upright('length', $length, $grip),
                new OutlineMark('width', [$grip / 2 - $width / 2, $length], [$grip / 2 + $width / 2, $length]),
            ],
        );
    }

    private static function knife(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 170), $size->of('width', 15)];

        return new Outline(
            width: $width,
            height: $length,
            bodies: [
                Path::box(0, 0, $width, $length * 0.6),
                Path::closed(
                    [$width * 0.15, $length * 0.6],
                    [$width * 0.85, $length * 0.6],
                    [$width * 0.85, $length * 0.88],
                    [$width * 0.15, $length],
                ),
            ],
            marks: [OutlineMark::upright('length', $length, $width)],
        );
    }
}
