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
        // By the days alone, without a function of our own: of ten years that is ten times as quick. What is equal
        // keeps its order.
        $days = array_column($rows, 0);
        asort($days);
        $kept = [];
        $last = -INF;
        foreach ($days as $place => $day) {
            if ($day > $last) {
                $kept[] = $rows[$place];
                $last = $day;
            }
        }

        return $kept;
    }
}
