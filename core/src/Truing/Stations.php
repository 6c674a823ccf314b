<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\InvalidInput;

/** Rules that every list of stations along an edge keeps to. */
final class Stations
{
    /** Nothing that is trued is so long; beyond it sums lose their figures. */
    private const FARTHEST_MM = 1e6;

    /**
     * @param  list<float>  $stationsMm
     *
     * @throws InvalidInput naming the first station that is doubled or out of order
     */
    public static function ascend(array $stationsMm, string $field = 'stationsMm'): void
    {
        foreach ($stationsMm as $index => $at) {
            if (abs($at) > self::FARTHEST_MM) {
                throw InvalidInput::because("{$field}[$index]", 'is more than a kilometre away: check its unit');
            }
        }
        for ($index = 1; $index < count($stationsMm); $index++) {
            if ($stationsMm[$index] === $stationsMm[$index - 1]) {
                throw InvalidInput::because(
                    "{$field}[$index]",
                    "is the same place as the one before it ($stationsMm[$index] mm)",
                );
            }
            if ($stationsMm[$index] < $stationsMm[$index - 1]) {
                throw InvalidInput::because(
                    "{$field}[$index]",
                    "must lie beyond the one before it ($stationsMm[$index] mm is before {$stationsMm[$index - 1]} mm)",
                );
            }
        }
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $stationsMm
     *
     * @throws InvalidInput when there is not one value for each station
     */
    public static function matched(array $values, array $stationsMm, string $field): void
    {
        if (count($values) !== count($stationsMm)) {
            throw InvalidInput::because(
                $field,
                'must have one value for each of the '.count($stationsMm).' stations, not '.count($values),
            );
        }
    }
}
