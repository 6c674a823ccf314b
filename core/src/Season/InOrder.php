<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** Entries of a log by their time, none twice. */
final class InOrder
{
    /**
     * @template T of array{0: float}
     *
     * @param  list<T>  $rows  each begins with its day
     * @return list<T> of two at the same time the first
     */
    public static function of(array $rows): array
    {
        $last = -INF;
        foreach ($rows as $row) {
            if ($row[0] <= $last) {
                return self::sorted($rows);
            }
            $last = $row[0];
        }

        // A logger writes in order: thousands of lines need no sorting.
        return $rows;
    }

    /**
     * @template T of array{0: float}
     *
     * @param  list<T>  $rows
     * @return list<T>
     */
    private static function sorted(array $rows): array
    {
        usort($rows, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $kept = [];
        $last = -INF;
        foreach ($rows as $row) {
            if ($row[0] > $last) {
                $kept[] = $row;
                $last = $row[0];
            }
        }

        return $kept;
    }
}
