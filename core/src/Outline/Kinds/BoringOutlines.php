<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use Closure;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\OutlineSizes;
use JackRest\Core\Outline\Path;

/** What makes holes. */
final class BoringOutlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'brace' => self::brace(...),
            'bits' => self::bits(...),
            'hand-drill' => self::handDrill(...),
            'awl' => self::awl(...),
        ];
    }

    private static function brace(OutlineSizes $size): Outline
    {
        [$sweep, $length] = [$size->of('sweep', 250), $size->of('length', 340)];
        $reach = $sweep / 2 + 26;

        return new Outline(
            width: $reach + 30,
            height: $length,
            bodies: [
                Path::box(0, 0, 60, 22),
                Path::box(24, 22, 12, $length * 0.2),
                Path::box(24, $length * 0.2 + 22, $reach - 18, 11),
                Path::box($reach - 4, $length * 0.2 + 22, 11, $length * 0.36),
                Path::box($reach - 10, $length * 0.28 + 22, 23, $length * 0.2),
                Path::box(24, $length * 0.56 + 22, $reach - 18, 11),
                Path::box(24, $length * 0.56 + 33, 12, $length * 0.12),
                Path::box(18, $length * 0.78, 24, $length * 0.22),
            ],
            marks: [OutlineMark::upright('length', $length, $reach + 30)],
        );
    }

    private static function bits(OutlineSizes $size): Outline
    {
        [$length, $widest] = [$size->of('length', 220), min(60, $size->of('largest', 25))];
        $narrow = min($widest, $size->of('smallest', 8));
        $bit = static fn (float $x, float $d): array => [
            Path::box($x + $d / 2 - 4, 0, 8, $length * 0.4),
            Path::box($x, $length * 0.4, $d, $length * 0.52),
            Path::closed([$x + $d / 2 - 3, $length * 0.92], [$x + $d / 2 + 3, $length * 0.92], [$x + $d / 2, $length]),
        ];
        $gap = 14;

        return new Outline(
            width: $narrow + $widest + $gap,
            height: $length,
            bodies: [...$bit(0, $narrow), ...$bit($narrow + $gap, $widest)],
            details: array_map(
                static fn (float $at): Path => Path::open(
                    [$narrow + $gap, $length * $at],
                    [$narrow + $gap + $widest, $length * ($at + 0.12)],
                ),
                [0.45, 0.6, 0.75],
            ),
            marks: [new OutlineMark('largest', [$narrow + $gap, $length], [$narrow + $gap + $widest, $length])],
        );
    }

    private static function handDrill(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 300);

        return new Outline(
            width: 130,
            height: $length,
            bodies: [
                Path::box(44, 0, 26, $length * 0.3),
                Path::box(50, $length * 0.3, 14, $length * 0.4),
                Path::disc(66, $length * 0.48, 42),
                Path::box(100, $length * 0.44, 30, 12),
                Path::box(48, $length * 0.7, 18, $length * 0.14),
                Path::box(55, $length * 0.84, 4, $length * 0.16),
            ],
            details: [Path::disc(66, $length * 0.48, 8)],
            marks: [OutlineMark::upright('length', $length, 130)],
        );
    }

    private static function awl(OutlineSizes $size): Outline
    {
        $length = $size->of('length', 140);

        return new Outline(
            width: 30,
            height: $length,
            bodies: [
                Path::inBox(30, $length)([0.2, 0], [0.8, 0], [1, 0.25], [0.7, 0.5], [0.3, 0.5], [0, 0.25]),
                Path::inBox(30, $length)([0.42, 0.5], [0.58, 0.5], [0.54, 1], [0.46, 1]),
            ],
            marks: [OutlineMark::upright('length', $length, 30)],
        );
    }
}
