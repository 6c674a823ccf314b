<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Timber\ClimateDay;

/**
 * Readings of the shop's air that came together: a file, or one read by hand.
 *
 * @property string $name
 * @property list<array{int, float, float}> $readings seconds since 1970, °C, per cent
 */
final class ClimateStretch extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array'];
    }

    /** @return list<array{float, float, float}> day, °C, per cent */
    public function toCore(): array
    {
        return array_map(static fn (array $row): array => [$row[0] / ClimateLine::SECONDS_PER_DAY, (float) $row[1], (float) $row[2]], $this->readings);
    }

    /**
     * @param  list<ClimateDay>  $readings
     * @return array<string, mixed>
     */
    public static function columns(string $name, array $readings): array
    {
        return ['name' => $name, 'readings' => array_map(static fn (ClimateDay $air): array => [(int) round($air->day * ClimateLine::SECONDS_PER_DAY), round($air->tempC, 2), round($air->rhPct, 2)], $readings)];
    }
}
