<?php

declare(strict_types=1);

namespace Instruments;

/**
 * The air of an unheated orchard shed through the years, made up: warm and drier in summer, cold and damp in winter,
 * damp
 * at dawn and drier after noon, with weather of its own that comes and goes in days. No place on earth.
 */
final class Shed
{
    private const YEAR_DAYS = 365.25;

    /** Periods of the weather in days, with what each does to temperature (°C) and humidity (%). */
    private const WEATHER = [[3.1, 1.1, -2.5], [5.7, 1.6, -3.5], [11.3, 2.0, 3.0], [26.9, 1.4, -3.0]];

    private const WARMEST_DAY = 200;

    /** Before the warmest: the autumn is damp early. */
    private const DRIEST_DAY = 195;

    private const DAY_SECONDS = 86400;

    /** @return array{float, float} °C and per cent, at a moment in seconds since 1970 */
    public static function air(int $moment): array
    {
        $day = $moment / self::DAY_SECONDS;
        $season = static fn (float $height): float => cos((2 * M_PI * ($day - $height)) / self::YEAR_DAYS);
        $hour = cos(2 * M_PI * ($day - 0.625));
        $tempC = 9.5 + 8.5 * $season(self::WARMEST_DAY) + 3.0 * $hour;
        $rhPct = 71.0 - 11.0 * $season(self::DRIEST_DAY) - 7.0 * $hour;
        foreach (self::WEATHER as $index => [$period, $warmer, $damper]) {
            $swing = sin((2 * M_PI * $day) / $period + $index);
            $tempC += $warmer * $swing;
            $rhPct += $damper * $swing;
        }

        return [round($tempC, 1), round(min(98.0, max(30.0, $rhPct)), 1)];
    }

    /**
     * A log of it, hour by hour.
     *
     * @return list<array{int, float, float}> seconds since 1970, °C, per cent
     */
    public static function log(int $from, int $until): array
    {
        $log = [];
        for ($moment = $from; $moment <= $until; $moment += 3600) {
            $log[] = [$moment, ...self::air($moment)];
        }

        return $log;
    }
}
