<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;

/**
 * Three edges against each other, with no reference at all.
 *
 * Closed like a book, the gap of a pair is −(first + second) at each station, but for how the pair is held: a
 * constant and a tilt. Without turned readings a = ½(bc − ab − ca), and in turn. With them every reading, levelled,
 * is fitted by least squares: even and odd parts about the middle separate, since turning end for end keeps the one
 * and changes the sign of the other; three unknowns each, the same normal equations for every station. Every edge
 * is then levelled by its least-squares line. Source: the three-plate principle (J. Whitworth, 1840s).
 */
#[Calculates('three-edges', 'Three edges tested against each other')]
final class ThreeEdges
{
    private const PAIRS = ['abMm' => [0, 1], 'bcMm' => [1, 2], 'caMm' => [2, 0]];

    public function __invoke(ThreeEdgesInput $test): ThreeEdgesResult
    {
        [$edges, $inconsistency] =
            $test->turned !== null && $test->turned->any()
                ? self::fitted($test, $test->turned)
                : [self::plain($test), null];
        $found = array_map(
            static fn (array $edge): EdgeFound => EdgeFound::of(
                new Profile($test->stationsMm, $edge),
                $test->shavingMm,
            ),
            $edges,
        );

        return new ThreeEdgesResult($found[0], $found[1], $found[2], $inconsistency);
    }

    /** @return array{list<float>, list<float>, list<float>} */
    private static function plain(ThreeEdgesInput $test): array
    {
        return [
            self::half($test->bcMm, $test->abMm, $test->caMm),
            self::half($test->caMm, $test->bcMm, $test->abMm),
            self::half($test->abMm, $test->caMm, $test->bcMm),
        ];
    }

    /**
     * @param  list<float>  $plus
     * @param  list<float>  $minus
     * @param  list<float>  $less
     * @return list<float>
     */
    private static function half(array $plus, array $minus, array $less): array
    {
        return array_map(static fn (float $p, float $m, float $l): float => ($p - $m - $l) / 2, $plus, $minus, $less);
    }

    /** @return array{array{list<float>, list<float>, list<float>}, float} */
    private static function fitted(ThreeEdgesInput $test, TurnedPairs $turned): array
    {
        $sets = self::sets($test, $turned);
        $edges = [[], [], []];
        $last = count($test->stationsMm) - 1;
        [$even, $odd] = [self::inverse($sets, 1.0), self::inverse($sets, -1.0)];
        [$sums, $differences] = [self::part($even, $sets, $last, 1.0), self::part($odd, $sets, $last, -1.0)];
        foreach ([0, 1, 2] as $edge) {
            for ($station = 0; $station <= $last; $station++) {
                $edges[$edge][] = $sums[$edge][$station] + $differences[$edge][$station];
            }
        }
        $worst = 0.0;
        foreach ($sets as [$first, $second, $isTurned, $readings]) {
            foreach ($readings as $station => $reading) {
                $worst = max(
                    $worst,
                    abs(
                        $reading +
                            $edges[$first][$station] +
                            $edges[$second][$isTurned ? $last - $station : $station],
                    ),
                );
            }
        }

        /** @var array{list<float>, list<float>, list<float>} $edges */
        return [$edges, $worst];
    }

    /**
     * @return list<array{int, int, bool, list<float>}> first and second edge, whether the second is turned, the
     * readings levelled
     */
    private static function sets(ThreeEdgesInput $test, TurnedPairs $turned): array
    {
        $sets = [];
        foreach (self::PAIRS as $name => [$first, $second]) {
            $sets[] = [
                $first,
                $second,
                false,
                (new Profile($test->stationsMm, $test->{$name}))->levelled()->heightsMm,
            ];
            if ($turned->{$name} !== null) {
                $sets[] = [
                    $first,
                    $second,
                    true,
                    (new Profile($test->stationsMm, $turned->{$name}))->levelled()->heightsMm,
                ];
            }
        }

        return $sets;
    }

    /**
     * Inverse of the normal equations for the even (1) or odd (−1) part.
     *
     * @param  list<array{int, int, bool, list<float>}>  $sets
     * @return list<list<float>>
     */
    private static function inverse(array $sets, float $parity): array
    {
        $m = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        foreach ($sets as [$first, $second, $isTurned]) {
            $sign = $isTurned ? $parity : 1.0;
            $m[$first][$first]++;
            $m[$second][$second]++;
            $m[$first][$second] += $sign;
            $m[$second][$first] += $sign;
        }
        $cofactor = static fn (int $i, int $j): float => $m[($i + 1) % 3][($j + 1) % 3] *
            $m[($i + 2) % 3][($j + 2) % 3] -
            $m[($i + 1) % 3][($j + 2) % 3] * $m[($i + 2) % 3][($j + 1) % 3];
        $determinant = $m[0][0] * $cofactor(0, 0) + $m[0][1] * $cofactor(0, 1) + $m[0][2] * $cofactor(0, 2);

        return array_map(
            static fn (int $i): array => array_map(
                static fn (int $j): float => $cofactor($j, $i) / $determinant,
                [0, 1, 2],
            ),
            [0, 1, 2],
        );
    }

    /**
     * Even or odd part of the three edges, at every station. Plain loops: this is most of what a test of many stations
     * takes.
     *
     * @param  list<list<float>>  $inverse
     * @param  list<array{int, int, bool, list<float>}>  $sets
     * @param  int  $last  the last station
     * @return array{list<float>, list<float>, list<float>}
     */
    private static function part(array $inverse, array $sets, int $last, float $parity): array
    {
        $edges = [[], [], []];
        for ($station = 0; $station <= $last; $station++) {
            $right = [0.0, 0.0, 0.0];
            foreach ($sets as [$first, $second, $isTurned, $readings]) {
                $part = -($readings[$station] + $parity * $readings[$last - $station]) / 2;
                $right[$first] += $part;
                $right[$second] += $isTurned ? $parity * $part : $part;
            }
            foreach ($inverse as $edge => [$a, $b, $c]) {
                $edges[$edge][] = $a * $right[0] + $b * $right[1] + $c * $right[2];
            }
        }

        /** @var array{list<float>, list<float>, list<float>} $edges */
        return $edges;
    }
}
