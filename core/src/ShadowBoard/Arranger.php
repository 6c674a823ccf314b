<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

use JackRest\Core\Tool\Group;

/**
 * Tools arranged on a panel by kind, with room for the hand between any two.
 *
 * Known ways of packing are tried, the tidiest order first; the first that hangs all is taken. Where none does, the
 * large tools make room for the small ones: as many hang as with the smallest first, in the tidiest order that hangs
 * those. Whether a cleverer arrangement exists is not proven: packing is NP-hard.
 */
final class Arranger
{
    /** @param  list<BoardTool>  $tools */
    public static function arrange(Panel $panel, array $tools): Arrangement
    {
        $crates = array_values(
            array_filter(
                array_map(static fn (BoardTool $tool): ?Crate => Crate::fitting($tool, $panel), $tools),
                static fn (?Crate $crate): bool => $crate !== null,
            ),
        );
        [$order, $hung] = self::most($crates, $panel);
        if (count($hung) < count($crates)) {
            $small = self::crates(SmallestFirst::hang($crates, $panel), $crates);
            if (count($small) > count($hung)) {
                [$order, $hung] = self::most($small, $panel);
            }
            if (count($small) > count($hung)) {
                [$order, $hung] = [Order::SmallestFirst, SmallestFirst::hang($crates, $panel)];
            }
        }

        return new Arrangement(
            $hung,
            self::left($tools, $hung, $panel),
            $order,
            self::reach($hung),
            self::needed($crates, $panel),
        );
    }

    /**
     * @param  list<Crate>  $crates
     * @return array{Order, list<Hung>} the tidiest of the orders that hang the most
     */
    private static function most(array $crates, Panel $panel): array
    {
        [$order, $hung] = [Order::RowsOfTheirOwn, self::hang(Order::RowsOfTheirOwn, $crates, $panel)];
        foreach (Order::cases() as $other) {
            $tried = $other === Order::SmallestFirst ? [] : self::hang($other, $crates, $panel);
            [$order, $hung] = count($tried) > count($hung) ? [$other, $tried] : [$order, $hung];
        }

        return [$order, $hung];
    }

    /**
     * @param  list<Hung>  $hung
     * @param  list<Crate>  $crates
     * @return list<Crate> those that hang
     */
    private static function crates(array $hung, array $crates): array
    {
        $ids = array_fill_keys(array_map(static fn (Hung $one): string => $one->tool->id, $hung), true);

        return array_values(array_filter($crates, static fn (Crate $crate): bool => isset($ids[$crate->tool->id])));
    }

    /**
     * @param  list<Crate>  $crates
     * @return list<Hung>
     */
    private static function hang(Order $order, array $crates, Panel $panel): array
    {
        return match ($order) {
            Order::RowsOfTheirOwn => self::inRows(
                array_merge(
                    ...array_map(
                        static fn (array $kind): array => ShelfPacking::firstFit($kind, $panel->width),
                        self::kinds($crates),
                    ),
                ),
                $panel,
            ),
            Order::OneAfterAnother => self::inRows(
                ShelfPacking::nextFit(self::tallestKindFirst($crates), $panel->width),
                $panel,
            ),
            Order::SideBySide => SkylinePacking::hang(self::tallestKindFirst($crates), $panel),
            Order::SmallestFirst => SmallestFirst::hang($crates, $panel),
            Order::Mixed => SkylinePacking::hang(ShelfPacking::tallestFirst($crates), $panel),
        };
    }

    /**
     * @param  list<Crate>  $crates
     * @return list<list<Crate>> the tallest of each kind first
     */
    private static function kinds(array $crates): array
    {
        return array_map(
            static fn (Group $group): array => ShelfPacking::tallestFirst(
                array_values(array_filter($crates, static fn (Crate $crate): bool => $crate->tool->group === $group)),
            ),
            Group::cases(),
        );
    }

    /**
     * @param  list<Crate>  $crates
     * @return list<Crate>
     */
    private static function tallestKindFirst(array $crates): array
    {
        $kinds = self::kinds($crates);
        usort($kinds, static fn (array $one, array $other): int => ($other[0]->height ?? 0) <=> ($one[0]->height ?? 0));

        return array_merge(...$kinds);
    }

    /**
     * @param  list<Shelf>  $shelves
     * @return list<Hung>
     */
    private static function inRows(array $shelves, Panel $panel): array
    {
        [$hung, $y] = [[], 0.0];
        foreach (self::rowsThatFit($shelves, $panel->height) as $shelf) {
            $x = 0.0;
            foreach ($shelf->crates as $crate) {
                $hung[] = Hung::in($crate, $x, $y, $panel);
                $x += $crate->width;
            }
            $y += $shelf->height();
        }

        return $hung;
    }

    /**
     * The rows that hang the most tools in a height: a knapsack, solved by dynamic programming over whole millimetres
     * (R. Bellman, "Dynamic Programming", 1957).
     *
     * @param  list<Shelf>  $shelves
     * @return list<Shelf> in their order
     */
    private static function rowsThatFit(array $shelves, float $height): array
    {
        if (array_sum(array_map(static fn (Shelf $shelf): float => $shelf->height(), $shelves)) <= $height) {
            return $shelves;
        }
        $room = (int) floor($height);
        /** @var array<int, array{int, list<int>}> $best by height used: how many tools, and in which rows */
        $best = [0 => [0, []]];
        foreach ($shelves as $index => $shelf) {
            $step = (int) ceil($shelf->height());
            foreach ($best as $used => [$count, $rows]) {
                $more = $count + count($shelf->crates);
                if ($used + $step <= $room && $more > ($best[$used + $step][0] ?? -1)) {
                    $best[$used + $step] = [$more, [...$rows, $index]];
                }
            }
        }
        usort($best, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return array_map(static fn (int $index): Shelf => $shelves[$index], $best[0][1]);
    }

    /**
     * @param  list<BoardTool>  $tools
     * @param  list<Hung>  $hung
     * @return list<LeftOut>
     */
    private static function left(array $tools, array $hung, Panel $panel): array
    {
        $ids = array_fill_keys(array_map(static fn (Hung $one): string => $one->tool->id, $hung), true);
        $left = array_values(array_filter($tools, static fn (BoardTool $tool): bool => ! isset($ids[$tool->id])));

        return array_map(
            static fn (BoardTool $tool): LeftOut => new LeftOut($tool, Crate::fitting($tool, $panel) === null),
            $left,
        );
    }

    /** @param  list<Hung>  $hung */
    private static function reach(array $hung): float
    {
        return max([0.0, ...array_map(static fn (Hung $one): float => $one->crateBottom, $hung)]);
    }

    /**
     * How high a panel of this width must be for all of them.
     *
     * @param  list<Crate>  $crates
     */
    private static function needed(array $crates, Panel $panel): float
    {
        $high = new Panel($panel->width, INF, $panel->room);

        return min(
            array_map(
                static fn (Order $order): float => self::reach(self::hang($order, $crates, $high)),
                Order::cases(),
            ),
        );
    }
}
