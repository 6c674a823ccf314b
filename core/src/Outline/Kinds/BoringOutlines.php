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
        $arm = 11 / ($reach - 17);
        $rod = Pen::in($reach - 17, $length * 0.62, 24, $length * 0.1)
            ->to(0, 0)->to($arm, 0)->to($arm, 0.16)->curve($arm, 0.22, 0.3, 0.22, 0.5, 0.23)
            ->curve(0.8, 0.24, 1, 0.24, 1, 0.36)->to(1, 0.72)->curve(1, 0.84, 0.8, 0.84, 0.5, 0.85)
            ->curve(0.3, 0.86, $arm, 0.86, $arm, 0.92)->to($arm, 1)->to(0, 1)->to(0, 0.9)
            ->curve(0, 0.8, 0.24, 0.8, 0.5, 0.79)->curve(0.76, 0.78, 1 - $arm, 0.78, 1 - $arm, 0.72)
            ->to(1 - $arm, 0.36)->curve(1 - $arm, 0.3, 0.76, 0.3, 0.5, 0.29)->curve(0.24, 0.28, 0, 0.28, 0, 0.18);

        return new Outline(
            width: $reach + 30,
            height: $length,
            bodies: [
                // One bent rod from the head to the chuck, with the sweep between.
                $rod->closed(Material::Steel),
                Path::rounded(0, 0, 60, $length * 0.08, 14)->of(Material::Wood),
                Path::rounded(22, $length * 0.08, 16, $length * 0.05, 2)->of(Material::Steel),
                Handles::turned($reach - 10, $length * 0.31, 24, $length * 0.24),
                Path::rounded(20, $length * 0.68, 20, $length * 0.1, 3)->of(Material::Steel),
                Pen::in(24, $length * 0.22, 18, $length * 0.78)->to(0.1, 0)->to(0.9, 0)->to(1, 0.2)->to(1, 0.6)
                    ->to(0.7, 1)->to(0.3, 1)->to(0, 0.6)->to(0, 0.2)->closed(Material::Steel),
            ],
            marks: [OutlineMark::upright('length', $length, $reach + 30)],
        );
    }

    private static function bits(OutlineSizes $size): Outline
    {
        [$length, $widest] = [$size->of('length', 220), min(60, $size->of('largest', 25))];
        $narrow = min($widest, $size->of('smallest', 8));
        $bit = static fn (float $x, float $d): array => [
            self::shank($x + $d / 2, min(5.0, $d / 2), $length),
            self::twist($x, $length * 0.4, $d, $length * 0.52),
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
                Path::box(50, $length * 0.26, 14, $length * 0.46),
                Handles::turned(43, 0, 28, $length * 0.3),
                Path::disc(66, $length * 0.48, 42)->without(Path::disc(66, $length * 0.48, 30)),
                Path::rounded(60, $length * 0.48 - 6, 50, 12, 5),
                Path::rounded(104, $length * 0.42, 26, 28, 8)->of(Material::Wood),
                Path::rounded(48, $length * 0.7, 18, $length * 0.14, 4),
                Path::box(55, $length * 0.84, 4, $length * 0.16),
            ],
            details: [Path::disc(66, $length * 0.48, 5)],
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
                Pen::in(30, $length)->to(0.44, 0.46)->to(0.56, 0.46)->to(0.52, 1)->to(0.48, 1)->closed(Material::Steel),
                Handles::turned(0, 0, 30, $length * 0.5),
                Path::rounded(8, $length * 0.48, 14, $length * 0.05, 2)->of(Material::Brass),
            ],
            marks: [OutlineMark::upright('length', $length, 30)],
        );
    }

    /** Square and tapered for the chuck, then round. */
    private static function shank(float $middle, float $half, float $length): Path
    {
        return Pen::in(2 * $half, $length * 0.42, $middle - $half)
            ->to(0.2, 0)->to(0.8, 0)->to(1, 0.24)->to(0.85, 0.3)->to(0.85, 1)->to(0.15, 1)->to(0.15, 0.3)->to(0, 0.24)
            ->closed(Material::Steel);
    }

    /** The twist of an auger, its flutes seen from the side. */
    private static function twist(float $x, float $y, float $width, float $height): Path
    {
        $turns = 4;
        $right = $left = [];
        for ($turn = 0; $turn < $turns; $turn++) {
            [$top, $low] = [$y + $height * $turn / $turns, $y + $height * ($turn + 1) / $turns];
            $middle = ($top + $low) / 2;
            $right[] = [$x + $width * 0.72, $top + ($middle - $top) * 0.3, $x + $width, $top + ($middle - $top) * 0.5,
                $x + $width, $middle];
            $right[] = [$x + $width, $middle + ($low - $middle) * 0.5, $x + $width * 0.8, $low - ($low - $middle) * 0.2,
                $x + $width * 0.8, $low];
            array_unshift($left, [$x, $middle - ($middle - $top) * 0.5, $x + $width * 0.2,
                $top + ($middle - $top) * 0.2, $x + $width * 0.2, $top]);
            array_unshift($left, [$x + $width * 0.28, $low - ($low - $middle) * 0.3, $x,
                $low - ($low - $middle) * 0.5, $x, $middle]);
        }

        return Path::closed([$x + $width * 0.8, $y], ...$right, ...[[$x + $width * 0.2, $y + $height]], ...$left);
    }
}
