<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\Flat;

use JackRest\Core\Measure\LinearSystem;
use JackRest\Core\Truing\Plane;

/**
 * The shape of a surface from gaps under a straightedge.
 *
 * Along a line the straightedge lies at a height and a tilt of its own: height of the surface = a + b·t − gap. Each
 * line's a and b are taken out, and the heights found by least squares over all lines. Lines along and across alone
 * cannot show a twist, for a twisted surface is straight along both: that takes the diagonals (the lines of a Union
 * flag, as surface plates are measured: J. C. Moody, 1955). Flatness is the distance of the two nearest parallel planes
 * that hold every place read (ISO 12781).
 */
final readonly class Surface
{
    /**
     * @param  list<int>  $nodes  the places read, of the grid
     * @param  non-empty-list<array{
     *     float, float, float,
     * }>  $points  the same: x and y from −1 to 1, height in mm over the middle plane
     * @param  list<float>  $removeMm  what stands above the plane to be worked down to
     * @param  float  $leverage  largest variance of a height, in variances of one gap
     */
    private function __construct(
        public array $nodes,
        public array $points,
        public float $flatnessMm,
        public array $removeMm,
        public float $leverage,
    ) {
    }

    /**
     * @param  array<string, list<float|null>>  $gapsMm  by the id of a line, at its places; null: not read
     * @return self|null null: these lines do not tell the shape yet
     */
    public static function of(Grid $grid, array $gapsMm): ?self
    {
        $rows = self::rows($grid, $gapsMm);
        $nodes = array_values(
            array_unique(array_merge([], ...array_map(static fn (array $row): array => array_keys($row), $rows))),
        );
        sort($nodes);
        if (count($nodes) < 4) {
            return null;
        }
        $normal = self::normal($nodes, $rows);
        $inverse = self::inverse($grid, $nodes, $normal);
        if ($inverse === null) {
            return null;
        }
        $right = self::right($nodes, $rows);
        $points = [];
        foreach ($nodes as $index => $node) {
            [$x, $y] = $grid->place($node);
            $points[] = [
                $x,
                $y,
                array_sum(
                    array_map(static fn (float $factor, float $gap): float => $factor * $gap, $inverse[$index], $right),
                ),
            ];
        }
        $heights = Plane::amid($points)->heights($points);
        assert($heights !== []);
        $levelled = array_map(
            static fn (array $point, float $mm): array => [$point[0], $point[1], $mm],
            $points,
            $heights,
        );

        return new self(
            $nodes,
            $levelled,
            max($heights) - min($heights),
            Plane::below($levelled)->above($levelled),
            max([0.0, ...self::variances($inverse, $normal)]),
        );
    }

    /** @return list<int> places of the grid, the highest first */
    public function highest(): array
    {
        $order = array_keys($this->removeMm);
        usort($order, fn (int $a, int $b): int => $this->removeMm[$b] <=> $this->removeMm[$a]);

        return array_map(fn (int $index): int => $this->nodes[$index], $order);
    }

    /** Largest removal, mm. */
    public function mostMm(): float
    {
        return max([0.0, ...$this->removeMm]);
    }

    /** How much higher the middle stands than the corners do, mm; less than nought: it is hollow. */
    public function crownMm(): float
    {
        $middle = $edges = [];
        foreach ($this->points as [$x, $y, $mm]) {
            abs($x) < 0.6 && abs($y) < 0.6
                ? ($middle[] = $mm)
                : (abs($x) > 0.99 && abs($y) > 0.99
                    ? ($edges[] = $mm)
                    : null);
        }

        return $middle === [] || $edges === []
            ? 0.0
            : array_sum($middle) / count($middle) - array_sum($edges) / count($edges);
    }

    /**
     * Each line that has three places read or more, with its own height and tilt taken out: what its heights must add
     * up to.
     *
     * @param  array<string, list<float|null>>  $gapsMm
     * @return list<array<int, array{float, float}>> by node: place along the line from −1 to 1, gap
     */
    private static function rows(Grid $grid, array $gapsMm): array
    {
        $rows = [];
        foreach ($grid->lines() as $line) {
            $read = [];
            $last = count($line->nodes) - 1;
            foreach ($line->nodes as $index => $node) {
                $gap = $gapsMm[$line->id][$index] ?? null;
                if ($gap !== null) {
                    $read[$node] = [(2 * $index) / $last - 1, $gap];
                }
            }
            if (count($read) > 2) {
                $rows[] = $read;
            }
        }

        return $rows;
    }

    /**
     * The normal equations: for each line the projection that takes out a height and a tilt.
     *
     * @param  list<int>  $nodes
     * @param  list<array<int, array{float, float}>>  $rows
     * @return list<list<float>>
     */
    private static function normal(array $nodes, array $rows): array
    {
        $at = array_flip($nodes);
        $matrix = array_fill(0, count($nodes), array_fill(0, count($nodes), 0.0));
        foreach ($rows as $row) {
            [$mean, $square] = self::moments($row);
            foreach ($row as $one => [$t]) {
                foreach ($row as $other => [$u]) {
                    $matrix[$at[$one]][$at[$other]] +=
                        ($one === $other ? 1.0 : 0.0) - 1 / count($row) - (($t - $mean) * ($u - $mean)) / $square;
                }
            }
        }

        return array_map(array_values(...), array_values($matrix));
    }

    /**
     * @param  list<int>  $nodes
     * @param  list<array<int, array{float, float}>>  $rows
     * @return list<float>
     */
    private static function right(array $nodes, array $rows): array
    {
        $right = array_fill_keys($nodes, 0.0);
        foreach ($rows as $row) {
            [$mean, $square] = self::moments($row);
            $gap = array_sum(array_column($row, 1)) / count($row);
            $tilt = array_sum(array_map(static fn (array $one): float => ($one[0] - $mean) * $one[1], $row)) / $square;
            foreach ($row as $node => [$t, $mm]) {
                // The surface is lower by the gap, hence the minus.
                $right[$node] -= $mm - $gap - $tilt * ($t - $mean);
            }
        }

        return array_values($right);
    }

    /**
     * @param  array<int, array{float, float}>  $row
     * @return array{float, float} mean place and sum of squares about it
     */
    private static function moments(array $row): array
    {
        $mean = array_sum(array_column($row, 0)) / count($row);

        return [$mean, array_sum(array_map(static fn (array $one): float => ($one[0] - $mean) ** 2, $row))];
    }

    /**
     * Inverse of the normal equations, with the plane that no gap can show held at nought (its three sums of heights).
     *
     * @param  list<int>  $nodes
     * @param  list<list<float>>  $normal
     * @return list<list<float>>|null null: the lines leave something undetermined
     */
    private static function inverse(Grid $grid, array $nodes, array $normal): ?array
    {
        $forms = array_map(static fn (int $node): array => [1.0, ...$grid->place($node)], $nodes);
        foreach ($forms as $row => $a) {
            foreach ($forms as $column => $b) {
                $normal[$row][$column] += $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
            }
        }

        return LinearSystem::inverse(array_map(array_values(...), $normal), 1e-9);
    }

    /**
     * Variance of each height, in variances of one gap: inverse · normal · inverse, its diagonal.
     *
     * @param  list<list<float>>  $inverse
     * @param  list<list<float>>  $normal
     * @return list<float>
     */
    private static function variances(array $inverse, array $normal): array
    {
        return array_map(static function (array $row) use ($normal): float {
            $sum = 0.0;
            foreach ($normal as $one => $values) {
                foreach ($values as $other => $value) {
                    $sum += $row[$one] * $value * $row[$other];
                }
            }

            return $sum;
        }, $inverse);
    }
}
