<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/**
 * Boxes laid one by one as high up as they go, then as far left: under the skyline of those before.
 *
 * Source: B. Chazelle, "The bottom-left bin-packing heuristic: an efficient implementation", IEEE Transactions on
 * Computers C-32 (1983); here on its head, since a board is filled from above, and without the holes that lie behind
 * the skyline.
 */
final class SkylinePacking
{
    /**
     * @param  list<Crate>  $crates  in the order they are laid; one that goes nowhere is passed over
     * @return list<Hung>
     */
    public static function hang(array $crates, Panel $panel): array
    {
        $hung = [];
        /** @var list<array{float, float}> $skyline where a level begins, and how far down it reaches */
        $skyline = [[0.0, 0.0]];
        foreach ($crates as $crate) {
            $place = self::highest($skyline, $crate, $panel);
            if ($place !== null) {
                [$x, $y] = $place;
                $hung[] = Hung::in($crate, $x, $y, $panel);
                $skyline = self::under($skyline, $x, $x + $crate->width, $y + $crate->height);
            }
        }

        return $hung;
    }

    /**
     * @param  list<array{float, float}>  $skyline
     * @return array{float, float}|null
     */
    private static function highest(array $skyline, Crate $crate, Panel $panel): ?array
    {
        $best = null;
        foreach ($skyline as [$x]) {
            $y = self::levelOver($skyline, $x, $x + $crate->width);
            if (
                $x + $crate->width <= $panel->width &&
                $y + $crate->height <= $panel->height &&
                ($best === null || $y < $best[1])
            ) {
                $best = [$x, $y];
            }
        }

        return $best;
    }

    /**
     * How far down the skyline reaches between two places.
     *
     * @param  list<array{float, float}>  $skyline
     */
    private static function levelOver(array $skyline, float $from, float $to): float
    {
        $level = 0.0;
        foreach ($skyline as $index => [$begins, $down]) {
            $ends = $skyline[$index + 1][0] ?? INF;
            $level = $begins < $to && $ends > $from ? max($level, $down) : $level;
        }

        return $level;
    }

    /**
     * The skyline with a box laid over part of it.
     *
     * @param  list<array{float, float}>  $skyline
     * @return list<array{float, float}>
     */
    private static function under(array $skyline, float $from, float $to, float $down): array
    {
        $after = 0.0;
        $new = [];
        foreach ($skyline as $level) {
            $after = $level[0] <= $to ? $level[1] : $after;
            if ($level[0] < $from || $level[0] > $to) {
                $new[] = $level;
            }
        }
        array_push($new, [$from, $down], [$to, $after]);
        usort($new, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $new;
    }
}
