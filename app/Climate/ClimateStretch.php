<?php

declare(strict_types=1);

namespace App\Climate;

use App\Ledger\Record;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Timber\ClimateDay;

/**
 * Readings of the shop's air that came together: a file, or one read by hand.
 *
 * @property string $name
 * @property list<array{int, float, float}> $readings seconds since 1970, °C, per cent
 * @property list<array{
 *     int, float,
 * }> $rests the same thinned: seconds since 1970, and the moisture at which wood would come to rest
 */
final class ClimateStretch extends Record
{
    /** Summed up once, when it is written. */
    protected static function booted(): void
    {
        self::created(AirDays::keep(...));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'rests' => 'array'];
    }

    /** @return list<array{float, float, float}> day, °C, per cent */
    public function toCore(): array
    {
        return array_map(
            static fn (array $row): array => [
                $row[0] / ClimateLine::SECONDS_PER_DAY,
                (float) $row[1],
                (float) $row[2],
            ],
            $this->readings,
        );
    }

    /**
     * @param  list<ClimateDay>  $readings
     * @return array{name: string, readings: list<array{int, float, float}>, rests: list<array{int, float}>}
     */
    public static function columns(string $name, array $readings): array
    {
        $second = static fn (float $day): int => (int) round($day * ClimateLine::SECONDS_PER_DAY);

        return [
            'name' => $name,
            'readings' => array_map(
                static fn (ClimateDay $air): array => [
                    $second($air->day),
                    round($air->tempC, 2),
                    round($air->rhPct, 2),
                ],
                $readings,
            ),
            'rests' => array_map(
                static fn (array $row): array => [$second($row[0]), round($row[1], 4)],
                ClimateLog::of($readings)->rest->thinned(),
            ),
        ];
    }
}
