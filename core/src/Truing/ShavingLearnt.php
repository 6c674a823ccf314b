<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/**
 * How thick one shaving really was, from a test before planing and one after it.
 *
 * What an edge lost at each station is thickness · shavings there, but for how the edge lay in either test: a height
 * and a tilt. With both levelled, thickness = Σ(lost · count) ÷ Σ count², the least-squares slope through nought.
 * Where every station lost alike nothing can be told. Source: least squares.
 */
final class ShavingLearnt
{
    /** A thickness beyond these factors of the expected one tells of a misreading, not of the plane; from memory. */
    private const FACTORS = [0.3, 3.0];

    /**
     * @param  non-empty-list<float>  $stationsMm  two at least
     * @param  list<float>  $beforeMm  heights
     * @param  list<float>  $afterMm
     * @param  non-empty-list<int>  $shavings  taken at each station
     * @return float|null mm; null: these tests do not tell
     */
    public static function mm(
        array $stationsMm,
        array $beforeMm,
        array $afterMm,
        array $shavings,
        float $expectedMm,
    ): ?float {
        $lost = (new Profile(
            $stationsMm,
            array_map(static fn (float $before, float $after): float => $before - $after, $beforeMm, $afterMm),
        ))->levelled()->heightsMm;
        $counts = (new Profile($stationsMm, array_map(floatval(...), $shavings)))->levelled()->heightsMm;
        $square = array_sum(array_map(static fn (float $count): float => $count ** 2, $counts));
        if ($square < 1e-6) {
            return null;
        }
        $thickness =
            array_sum(array_map(static fn (float $mm, float $count): float => $mm * $count, $lost, $counts)) / $square;

        return self::believed($thickness, $expectedMm);
    }

    /**
     * The same of a taper, such as a square's blade: the error lost one shaving's thickness for each.
     *
     * @param  int  $shavings  taken between both tests
     * @return float|null mm; null: these tests do not tell
     */
    public static function ofTaperMm(
        float $errorBeforeMm,
        float $errorAfterMm,
        int $shavings,
        float $expectedMm,
    ): ?float {
        return $shavings === 0
            ? null
            : self::believed(
                (($errorBeforeMm - $errorAfterMm) * ($errorBeforeMm < 0 ? -1 : 1)) / $shavings,
                $expectedMm,
            );
    }

    private static function believed(float $thicknessMm, float $expectedMm): ?float
    {
        return $thicknessMm >= self::FACTORS[0] * $expectedMm && $thicknessMm <= self::FACTORS[1] * $expectedMm
            ? $thicknessMm
            : null;
    }
}
