<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

use Closure;

/** For a board that does not hold all: the smallest tools first, by area, by height and by width; the most hang. */
final class SmallestFirst
{
    /**
     * @param  list<Crate>  $crates
     * @return list<Hung>
     */
    public static function hang(array $crates, Panel $panel): array
    {
        $sizes = [
            static fn (Crate $crate): float => $crate->width * $crate->height,
            static fn (Crate $crate): float => $crate->height,
            static fn (Crate $crate): float => $crate->width,
        ];
        $most = [];
        foreach ($sizes as $size) {
            $sorted = self::sorted($crates, $size);
            foreach ([SkylinePacking::hang($sorted, $panel), self::inRows($sorted, $panel)] as $hung) {
                $most = count($hung) > count($most) ? $hung : $most;
            }
        }

        return $most;
    }

    /**
     * Row by row like words in lines, until the next row goes beyond the panel.
     *
     * @param  list<Crate>  $crates
     * @return list<Hung>
     */
    private static function inRows(array $crates, Panel $panel): array
    {
        [$hung, $y] = [[], 0.0];
        foreach (ShelfPacking::nextFit($crates, $panel->width) as $shelf) {
            $x = 0.0;
            foreach ($shelf->crates as $crate) {
                if ($y + $crate->height <= $panel->height) {
                    $hung[] = Hung::in($crate, $x, $y, $panel);
                    $x += $crate->width;
                }
            }
            $y += $shelf->height();
        }

        return $hung;
    }

    /**
     * @param  list<Crate>  $crates
     * @param  Closure(Crate): float  $size
     * @return list<Crate>
     */
    private static function sorted(array $crates, Closure $size): array
    {
        usort(
            $crates,
            static fn (Crate $one, Crate $other): int => [$size($one), $one->tool->id] <=> [
                $size($other),
                $other->tool->id,
            ],
        );

        return $crates;
    }
}
