<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Season;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Season\ClimateLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClimateLineTest extends TestCase
{
    /** 25 November 2026, 14:00 UTC. */
    private const NOW = 1_795_615_200;

    /** @return iterable<string, array{string, float}> as written, and hours since midnight of 25 November 2026 */
    public static function times(): iterable
    {
        yield 'ISO 8601' => ['2026-11-25T06:30:00Z', 6.5];
        yield 'with an offset' => ['2026-11-25T06:30:00+02:00', 4.5];
        yield 'a spreadsheet’s' => ['2026-11-25 06:30', 6.5];
        yield 'with slashes' => ['2026/11/25 6:30', 6.5];
        yield 'the day first' => ['25.11.2026 06:30:00', 6.5];
        yield 'the day alone' => ['2026-11-25', 0.0];
    }

    #[DataProvider('times')]
    public function test_times_are_read_as_loggers_write_them(string $time, float $hours): void
    {
        $air = ClimateLine::read($time, '4.5', '81', false, self::NOW);
        self::assertEqualsWithDelta(20782 + $hours / 24, $air->day, 1e-9);
        self::assertSame([4.5, 81.0], [$air->tempC, $air->rhPct]);
    }

    public function test_fahrenheit_is_turned_into_celsius_where_it_is_said(): void
    {
        self::assertEqualsWithDelta(
            20.0,
            ClimateLine::read('2026-11-25', '68', '50 %', true, self::NOW)->tempC,
            1e-12,
        );
        self::assertEqualsWithDelta(
            -5.0,
            ClimateLine::read('2026-11-25', '−5,0 °C', '50', false, self::NOW)->tempC,
            1e-12,
        );
    }

    /** @return iterable<string, array{string, string, string, list<string>}> */
    public static function wrong(): iterable
    {
        yield 'a time to come' => ['2026-11-25T16:00Z', '5', '80', ['time']];
        yield 'a time to come in any zone' => ['2026-11-26 06:00', '5', '80', ['time']];
        yield 'a day that is not' => ['2026-02-30', '5', '80', ['time']];
        yield 'an hour that is not' => ['2026-02-03 25:00', '5', '80', ['time']];
        yield 'day or month first?' => ['3/4/2026 12:00', '5', '80', ['time']];
        yield 'too hot' => ['2026-11-25', '72', '80', ['temperature']];
        yield 'no number' => ['2026-11-25', 'cold', '80', ['temperature']];
        yield 'damper than damp' => ['2026-11-25', '5', '104', ['humidity']];
        yield 'all of it' => ['', '', '', ['time', 'temperature', 'humidity']];
    }

    /** @param  list<string>  $fields */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_named(
        string $time,
        string $temperature,
        string $humidity,
        array $fields,
    ): void {
        try {
            ClimateLine::read($time, $temperature, $humidity, false, self::NOW);
            self::fail('it was taken');
        } catch (InvalidInput $wrong) {
            self::assertSame(
                $fields,
                array_map(static fn (FieldError $error): string => $error->field, $wrong->errors),
            );
        }
    }

    /** Each against GNU units, which converts temperatures by itself. */
    public function test_fahrenheit_agrees_with_gnu_units(): void
    {
        foreach ([-4, 14, 32, 50, 68, 99] as $fahrenheit) {
            $celsius = (float) shell_exec("units -t 'tempF($fahrenheit)' tempC");
            self::assertEqualsWithDelta(
                $celsius,
                ClimateLine::read('2026-11-25', (string) $fahrenheit, '50', true, self::NOW)->tempC,
                1e-4,
            );
        }
    }

    /** A logger east of Greenwich that names no zone seems to be ahead. */
    public function test_a_clock_without_a_zone_may_be_ahead(): void
    {
        self::assertEqualsWithDelta(
            20782 + 23 / 24,
            ClimateLine::read('2026-11-25 23:00', '5', '80', false, self::NOW)->day,
            1e-9,
        );
    }

    /**
     * @return iterable<string, array{string, bool, float}> as written, month first, hours since midnight of 25 November
     * 2026
     */
    public static function slashed(): iterable
    {
        yield 'month first, afternoon' => ['11/25/2026 2:30 PM', true, 14.5];
        yield 'day first' => ['25/11/2026 02:30', false, 2.5];
        yield 'noon' => ['11/25/2026, 12:00 PM', true, 12.0];
        yield 'midnight' => ['11/25/2026 12:00:00 am', true, 0.0];
        yield 'the day alone' => ['25/11/2026', false, 0.0];
    }

    #[DataProvider('slashed')]
    public function test_times_with_slashes_are_read_once_it_is_known_what_comes_first(
        string $time,
        bool $isMonthFirst,
        float $hours,
    ): void {
        self::assertEqualsWithDelta(
            20782 + $hours / 24,
            ClimateLine::read($time, '5', '80', false, self::NOW, $isMonthFirst)->day,
            1e-9,
        );
    }

    public function test_a_file_may_tell_what_comes_first(): void
    {
        self::assertSame('month', ClimateLine::firstOf(['3/4/2026 1:00', '3/13/2026 1:00']));
        self::assertSame('day', ClimateLine::firstOf(['3/4/2026 1:00', '13/4/2026 1:00']));
        self::assertSame('either', ClimateLine::firstOf(['3/4/2026 1:00', '2026-04-03']));
        self::assertNull(ClimateLine::firstOf(['2026-04-03 1:00', '']));
    }

    /** A clock may be an hour fast; without a zone it may stand fourteen hours ahead as well. */
    public function test_a_time_to_come_is_refused_from_its_second_on(): void
    {
        $now = gmmktime(12, 0, 0, 11, 25, 2026);
        $is = static function (string $time) use ($now): bool {
            try {
                ClimateLine::read($time, '10', '50', false, (int) $now);

                return true;
            } catch (InvalidInput) {
                return false;
            }
        };
        self::assertSame([true, false], [$is('2026-11-25T13:00:00Z'), $is('2026-11-25T13:00:01Z')]);
        self::assertSame([true, false], [$is('2026-11-26 03:00:00'), $is('2026-11-26 03:00:01')]);
    }
}
