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

/** Planes of wood, seen from the side, sole down, toe to the left. */
final class WoodenPlaneOutlines
{
    private const FENCE_MM = 14;

    /** @return array<string, Closure(OutlineSizes): Outline> */
    public static function forms(): array
    {
        return [
            'wooden-plane' => static fn (OutlineSizes $size): Outline => self::wooden($size, false),
            'fillister' => static fn (OutlineSizes $size): Outline => self::wooden($size, true),
            'plough' => self::plough(...),
            'block' => self::block(...),
        ];
    }

    private static function wooden(OutlineSizes $size, bool $fence): Outline
    {
        [$length, $height] = [$size->of('length', 240), $size->of('height', 150)];
        $base = $fence ? $height - self::FENCE_MM : $height;
        $body = $height * 0.5;
        $stock = Pen::in($length, $body, 0, $base - $body);
        // The iron leans back by half a right angle and stands well above the stock.
        $mouth = $length * 0.34;
        $iron = Pen::in($base * 0.86, $base, $mouth);

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $iron->to(0, 1)->to(0.06, 1)->to(1, 0.05)->to(0.95, 0)->closed(Material::Steel),
                $iron->to(0.1, 0.86)->to(0.52, 0.36)->curve(0.56, 0.22, 0.68, 0.12, 0.78, 0.1)
                    ->curve(0.86, 0.1, 0.86, 0.17, 0.8, 0.2)->to(0.22, 0.8)->closed(Material::Wood),
                $stock->to(0, 1)->to(0, 0.14)->curve(0, 0.04, 0.02, 0, 0.05, 0)->to(0.95, 0)
                    ->curve(0.98, 0, 1, 0.04, 1, 0.14)->to(1, 1)->closed(Material::Wood),
                ...$fence ? [
                    Path::rounded($length * 0.12, $base, $length * 0.76, self::FENCE_MM, 3)->of(Material::Wood),
                    Path::disc($length * 0.2, $base + self::FENCE_MM / 2, 4)->of(Material::Brass),
                    Path::disc($length * 0.8, $base + self::FENCE_MM / 2, 4)->of(Material::Brass),
                ] : [],
            ],
            details: [
                $stock->to(0.03, 0.16)->to(0.97, 0.16)->open(),
                $stock->to(0.34, 1)->to(0.4, 0.52)->open(),
            ],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [Path::open([$mouth, $base], [$mouth + $base * 0.05, $base])],
        );
    }

    /** Seen from the side of its fence: the fence on its stems before the stock, the skate below it. */
    private static function plough(OutlineSizes $size): Outline
    {
        [$length, $height, $iron] = [$size->of('length', 250), $size->of('height', 140), $size->of('iron', 6)];
        $pen = Pen::in($length, $height);
        $stem = static fn (float $x): array => [
            Path::rounded($length * $x - 12, $height * 0.42, 24, $height * 0.2, 4)->of(Material::Wood),
            Path::disc($length * $x, $height * 0.52, 7)->of(Material::Brass),
        ];

        return new Outline(
            width: $length,
            height: $height,
            bodies: [
                $pen->to(0.42, 0.98)->to(0.46, 1)->to(0.64, 0.02)->to(0.59, 0)->closed(Material::Steel),
                $pen->to(0.44, 0.5)->to(0.52, 0.16)->curve(0.54, 0.06, 0.58, 0.04, 0.6, 0.08)->to(0.54, 0.5)
                    ->closed(Material::Wood),
                Handles::tote($length * 0.76, $height * 0.06, $length * 0.22, $height * 0.4),
                $pen->to(0.06, 0.9)->to(0.42, 0.9)->to(0.4, 1)->to(0.08, 1)->curve(0.05, 1, 0.05, 0.94, 0.06, 0.9)
                    ->closed(Material::Steel),
                $pen->to(0.48, 0.9)->to(0.94, 0.9)->curve(0.95, 0.96, 0.94, 1, 0.9, 1)->to(0.46, 1)
                    ->closed(Material::Steel),
                $pen->to(0.02, 0.92)->to(0.02, 0.42)->curve(0.02, 0.36, 0.06, 0.34, 0.1, 0.34)->to(0.38, 0.34)
                    ->curve(0.42, 0.44, 0.58, 0.44, 0.62, 0.36)->to(0.9, 0.4)->curve(0.96, 0.4, 0.98, 0.46, 0.98, 0.52)
                    ->to(0.98, 0.92)->closed(Material::Wood),
                $pen->to(0, 0.88)->to(0, 0.66)->curve(0.02, 0.6, 0.08, 0.6, 0.12, 0.6)->to(0.88, 0.6)
                    ->curve(0.94, 0.6, 0.98, 0.62, 1, 0.68)->to(1, 0.88)->closed(Material::Wood),
                ...$stem(0.24),
                ...$stem(0.74),
            ],
            details: [$pen->to(0.04, 0.74)->curve(0.3, 0.7, 0.7, 0.7, 0.96, 0.74)->open()],
            marks: [OutlineMark::along('length', $length, $height)],
            edges: [Path::open([$length * 0.44 - $iron / 2, $height], [$length * 0.44 + $iron / 2, $height])],
        );
    }

    private static function block(OutlineSizes $size): Outline
    {
        [$length, $width] = [$size->of('length', 120), $size->of('width', 60)];

        return new Outline(
            width: $length,
            height: $width,
            bodies: [Path::rounded(0, 0, $length, $width, 3)->of(Material::Wood)],
            details: [
                Path::open([$length * 0.1, $width * 0.3], [$length * 0.9, $width * 0.24]),
                Path::open([$length * 0.1, $width * 0.7], [$length * 0.9, $width * 0.66]),
            ],
            marks: [OutlineMark::along('length', $length, $width)],
        );
    }
}
