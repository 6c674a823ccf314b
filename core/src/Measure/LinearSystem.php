<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** As many linear equations as unknowns. */
final class LinearSystem
{
    /**
     * By Gauss with the largest pivot.
     *
     * @param  list<list<float>>  $matrix  square
     * @param  list<float>  $right
     * @param  float  $least  a pivot no larger than this counts as nought
     * @return list<float>|null null: the equations do not determine the unknowns
     */
    public static function solve(array $matrix, array $right, float $least = 0.0): ?array
    {
        $n = count($right);
        for ($column = 0; $column < $n; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < $n; $row++) {
                $pivot = abs($matrix[$row][$column]) > abs($matrix[$pivot][$column]) ? $row : $pivot;
            }
            if (abs($matrix[$pivot][$column]) <= $least) {
                return null;
            }
            [$matrix[$column], $matrix[$pivot], $right[$column], $right[$pivot]] = [
                $matrix[$pivot],
                $matrix[$column],
                $right[$pivot],
                $right[$column],
            ];
            for ($row = $column + 1; $row < $n; $row++) {
                $factor = $matrix[$row][$column] / $matrix[$column][$column];
                if ($factor === 0.0) {
                    continue;
                }
                for ($place = $column; $place < $n; $place++) {
                    $matrix[$row][$place] -= $factor * $matrix[$column][$place];
                }
                $right[$row] -= $factor * $right[$column];
            }
        }
        for ($row = $n - 1; $row >= 0; $row--) {
            for ($place = $row + 1; $place < $n; $place++) {
                $right[$row] -= $matrix[$row][$place] * $right[$place];
            }
            $right[$row] /= $matrix[$row][$row];
        }

        return array_values($right);
    }

    /**
     * The inverse, by Gauss and Jordan with the largest pivot.
     *
     * @param  list<list<float>>  $matrix  square
     * @param  float  $least  a pivot no larger than this counts as nought
     * @return list<list<float>>|null null: it has none
     */
    public static function inverse(array $matrix, float $least): ?array
    {
        $n = count($matrix);
        foreach ($matrix as $row => $values) {
            $unit = array_fill(0, $n, 0.0);
            $unit[$row] = 1.0;
            $matrix[$row] = [...$values, ...$unit];
        }
        for ($column = 0; $column < $n; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < $n; $row++) {
                $pivot = abs($matrix[$row][$column]) > abs($matrix[$pivot][$column]) ? $row : $pivot;
            }
            if (abs($matrix[$pivot][$column]) <= $least) {
                return null;
            }
            [$matrix[$column], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$column]];
            $by = $matrix[$column][$column];
            $matrix[$column] = array_map(static fn (float $value): float => $value / $by, $matrix[$column]);
            for ($row = 0; $row < $n; $row++) {
                $factor = $matrix[$row][$column];
                if ($row === $column || $factor === 0.0) {
                    continue;
                }
                for ($place = $column; $place < 2 * $n; $place++) {
                    $matrix[$row][$place] -= $factor * $matrix[$column][$place];
                }
            }
        }

        return array_map(static fn (array $row): array => array_slice($row, $n), $matrix);
    }
}
