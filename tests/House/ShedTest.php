<?php

declare(strict_types=1);

namespace Tests\House;

use App\Climate\ClimateTable;
use App\Files\CsvTable;
use Instruments\Kind;
use Instruments\Shed;
use Instruments\StandIn;
use Instruments\Truth;
use JackRest\Core\Season\ClimateLine;
use PHPUnit\Framework\TestCase;

/** The made-up air of the shed, and the hygrometer that logs it. */
final class ShedTest extends TestCase
{
    private const JANUARY = 1_768_478_400;

    private const JULY = 1_784_116_800;

    public function test_summer_is_warm_and_drier_winter_cold_and_damp(): void
    {
        $mean = static fn (int $from, int $column): float => array_sum(
            array_column(Shed::log($from, $from + 30 * 86400), $column),
        ) /
            (30 * 24 + 1);
        self::assertLessThan(5.0, $mean(self::JANUARY, 1));
        self::assertGreaterThan(15.0, $mean(self::JULY, 1));
        self::assertGreaterThan($mean(self::JULY, 2) + 12, $mean(self::JANUARY, 2));
    }

    public function test_it_is_damp_at_dawn_and_drier_after_noon(): void
    {
        [[, $dawn], [, $noon]] = [
            Shed::air(self::JULY - (self::JULY % 86400) + 4 * 3600),
            Shed::air(self::JULY - (self::JULY % 86400) + 15 * 3600),
        ];
        self::assertGreaterThan($noon, $dawn);
    }

    public function test_the_same_hour_has_the_same_air_and_every_hour_an_air_that_can_be(): void
    {
        self::assertSame(Shed::air(self::JULY), Shed::air(self::JULY));
        foreach (Shed::log(self::JANUARY, self::JANUARY + 365 * 86400) as [, $tempC, $rhPct]) {
            self::assertTrue($tempC > -20 && $tempC < 40 && $rhPct >= 30 && $rhPct <= 98, "$tempC $rhPct");
        }
    }

    public function test_the_hygrometer_reads_that_air_with_its_own_noise(): void
    {
        $midnight = self::JULY - (self::JULY % 86400);
        foreach ([[Kind::Thermometer, 0, 0.2], [Kind::Hygrometer, 1, 0.8]] as [$kind, $column, $noise]) {
            $standIn = new StandIn($kind, Truth::ofShed($kind, self::JULY), 5);
            $readings = array_map(static fn (): float => $standIn->reads(14.0), range(1, 2000));
            self::assertEqualsWithDelta(
                Shed::air($midnight + 14 * 3600)[$column],
                array_sum($readings) / 2000,
                $noise / 10,
            );
        }
        self::assertMatchesRegularExpression(
            '/^\S+ thermometer 14\.0 \d+\.\d °C$/',
            (new StandIn(Kind::Thermometer, Truth::ofShed(Kind::Thermometer, self::JULY), 1))->line(
                '2026-07-15T14:00:00.000Z',
                14,
            ),
        );
    }

    /** A year as the logger keeps it: every line can be taken in, an hour apart. */
    public function test_its_log_is_a_file_that_comes_in(): void
    {
        exec(
            'cd '.escapeshellarg(dirname(__DIR__, 2)).' && SEED=3 ./jackrest instrument hygrometer --log',
            $said,
            $status,
        );
        self::assertSame(0, $status, implode("\n", array_slice($said, 0, 5)));
        self::assertCount(8761, $said);
        $rows = CsvTable::read(
            implode("\n", $said),
            ['time', 'temperature', 'humidity'],
            'humidity',
            (new ClimateTable())->heading(...),
        )->rows;
        $before = null;
        foreach ($rows as $row) {
            $air = ClimateLine::read(
                $row['cells']['time'],
                $row['cells']['temperature'],
                $row['cells']['humidity'],
                false,
                time(),
            );
            self::assertTrue($before === null || abs($air->day - $before - 1 / 24) < 1e-6);
            $before = $air->day;
        }
        exec(
            'cd '.escapeshellarg(dirname(__DIR__, 2)).' && ./jackrest instrument dial --log 2>&1',
            $refused,
            $status,
        );
        self::assertNotSame(0, $status);
        self::assertStringContainsString('a dial keeps no log', implode("\n", $refused));
    }

    /** Headings as loggers write them. */
    public function test_headings_are_known_however_they_are_written(): void
    {
        $table = new ClimateTable();
        $known = [
            'time' => ['time', 'timestamp', 'date/time', 'datetime (utc)'],
            'date' => ['date', 'day'],
            'temperature' => ['temp', 'temperature', 'temperature(°c)', 'temperature_c'],
            'fahrenheit' => ['temperature °f', 'temp (f)', 'temperature_f', 'temperature fahrenheit'],
            'humidity' => ['rh', 'humidity', 'relative humidity (%)', 'rel_humidity'],
            'battery' => ['battery'],
        ];
        foreach ($known as $column => $headings) {
            foreach ($headings as $heading) {
                self::assertSame($column, $table->heading($heading), $heading);
            }
        }
    }
}
