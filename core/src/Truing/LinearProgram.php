<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Measure\LinearSystem;
use LogicException;

/**
 * A linear program of a few unknowns and many conditions: least c·x with every a·x ≥ b, x of any sign.
 *
 * Solved on its dual by the simplex method (G. B. Dantzig, 1947) with the least-index rule (R. G. Bland, 1977), which
 * cannot go round in circles: a basis holds as many conditions as there are unknowns, so each step is small.
 */
final class LinearProgram
{
    private const SAME = 1e-11;

    /** Steps that take the condition broken worst, which is quick; after them the first one, which must end. */
    private const QUICK = 200;

    /** Unknowns are sought within so many times the largest b. */
    private const ROOM = 1e4;

    /**
     * @param  list<float>  $c
     * @param  list<array{list<float>, float}>  $rows  a and b of each condition
     * @return list<float> x
     *
     * @throws LogicException when there is no finite least value
     */
    public static function least(array $c, array $rows): array
    {
        $unknowns = count($c);
        // Dual: most b·λ with Σλa = c, λ ≥ 0. It begins with one made-up condition for each unknown, ±e, at a price no
        // real one has.
        $price = -self::ROOM * max([1.0, ...array_map(static fn (array $row): float => abs($row[1]), $rows)]);
        for ($index = 0; $index < $unknowns; $index++) {
            $unit = array_fill(0, $unknowns, 0.0);
            $unit[$index] = $c[$index] < 0 ? -1.0 : 1.0;
            $rows[] = [array_values($unit), $price];
        }
        $basis = range(count($rows) - $unknowns, count($rows) - 1);
        for ($step = 0; $step < 50 * count($rows) + 1000; $step++) {
            $x = self::solved(
                array_map(static fn (int $row): array => $rows[$row][0], $basis),
                array_map(static fn (int $row): float => $rows[$row][1], $basis),
            );
            $entering = self::broken($rows, $x, $basis, $step < self::QUICK);
            if ($entering === null) {
                return $x;
            }
            $basis = self::exchanged($basis, $entering, $rows, $c);
        }
        throw new LogicException('A linear program did not end.');
    }

    /**
     * @param  list<array{list<float>, float}>  $rows
     * @param  list<float>  $x
     * @param  list<int>  $basis  kept to but for the last bits
     */
    private static function broken(array $rows, array $x, array $basis, bool $worst): ?int
    {
        $broken = null;
        $most = 0.0;
        foreach (array_diff_key($rows, array_flip($basis)) as $index => [$a, $b]) {
            $left = 0.0;
            foreach ($a as $place => $factor) {
                $left += $factor * $x[$place];
            }
            $lacks = $b - self::SAME * max(1.0, abs($b)) - $left;
            if ($lacks > $most) {
                [$broken, $most] = [$index, $lacks];
                if (! $worst) {
                    return $broken;
                }
            }
        }

        return $broken;
    }

    /**
     * The basis with the broken condition in place of the one that first reaches nought.
     *
     * @param  non-empty-list<int>  $basis
     * @param  list<array{list<float>, float}>  $rows
     * @param  list<float>  $c
     * @return non-empty-list<int>
     */
    private static function exchanged(array $basis, int $entering, array $rows, array $c): array
    {
        $columns = self::transposed(array_map(static fn (int $row): array => $rows[$row][0], $basis));
        $weights = self::solved($columns, $c);
        $change = self::solved($columns, $rows[$entering][0]);
        $leaving = null;
        $least = INF;
        foreach ($basis as $place => $row) {
            if ($change[$place] <= self::SAME) {
                continue;
            }
            $ratio = $weights[$place] / $change[$place];
            if (
                $ratio < $least - self::SAME ||
                ($ratio < $least + self::SAME && $leaving !== null && $row < $basis[$leaving])
            ) {
                [$least, $leaving] = [min($least, $ratio), $place];
            }
        }
        if ($leaving === null) {
            throw new LogicException('The conditions of a linear program contradict each other.');
        }
        $exchanged = array_map(
            static fn (int $place, int $row): int => $place === $leaving ? $entering : $row,
            array_keys($basis),
            $basis,
        );
        assert($exchanged !== []);

        return $exchanged;
    }

    /**
     * @param  list<list<float>>  $matrix
     * @return list<list<float>>
     */
    private static function transposed(array $matrix): array
    {
        return array_map(static fn (int $column): array => array_column($matrix, $column), array_keys($matrix[0]));
    }

    /**
     * @param  list<list<float>>  $matrix
     * @param  list<float>  $right
     * @return list<float>
     */
    private static function solved(array $matrix, array $right): array
    {
        return LinearSystem::solve($matrix, $right) ??
            throw new LogicException('A basis of a linear program holds one condition twice.');
    }
}
