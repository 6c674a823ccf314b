<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/**
 * Boxes on shelves across a strip: level-oriented packing.
 *
 * Source: E. G. Coffman, M. R. Garey, D. S. Johnson, R. E. Tarjan, "Performance bounds for level-oriented
 * two-dimensional packing algorithms", SIAM Journal on Computing 9 (1980): with the boxes ordered by height, first
 * fit needs at most 1.7 times the least possible height and one box more.
 */
final class ShelfPacking
{
    /**
     * Each box goes to the first shelf with room for it.
     *
     * @param  list<Crate>  $crates  none wider than the strip
     * @return list<Shelf>
     */
    public static function firstFit(array $crates, float $width): array
    {
        /** @var list<Shelf> $shelves */
        $shelves = [];
        foreach (self::tallestFirst($crates) as $crate) {
            $at = self::firstWithRoom($shelves, $crate, $width);
            $shelves =
                $at === null
                    ? [...$shelves, new Shelf([$crate])]
                    : array_values(array_replace($shelves, [$at => $shelves[$at]->with($crate)]));
        }

        return $shelves;
    }

    /**
     * Boxes in their given order, like words in lines: each goes to the last shelf, or begins a new one.
     *
     * @param  list<Crate>  $crates  none wider than the strip
     * @return list<Shelf>
     */
    public static function nextFit(array $crates, float $width): array
    {
        /** @var list<Shelf> $shelves */
        $shelves = [];
        foreach ($crates as $crate) {
            $last = array_pop($shelves);
            array_push(
                $shelves,
                ...match (true) {
                    $last === null => [new Shelf([$crate])],
                    $last->width() + $crate->width <= $width => [$last->with($crate)],
                    default => [$last, new Shelf([$crate])],
                },
            );
        }

        return $shelves;
    }

    /**
     * @param  list<Crate>  $crates
     * @return list<Crate>
     */
    public static function tallestFirst(array $crates): array
    {
        usort(
            $crates,
            static fn (Crate $one, Crate $other): int => [$other->height, $other->width, $one->tool->id] <=> [
                $one->height,
                $one->width,
                $other->tool->id,
            ],
        );

        return $crates;
    }

    /** @param  list<Shelf>  $shelves */
    private static function firstWithRoom(array $shelves, Crate $crate, float $width): ?int
    {
        foreach ($shelves as $at => $shelf) {
            if ($shelf->width() + $crate->width <= $width) {
                return $at;
            }
        }

        return null;
    }
}
