<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Timber\ClimateDay;

/** One line of a climate log: a time, a temperature, a humidity, as a logger writes them. */
final class ClimateLine
{
    public const SECONDS_PER_DAY = 86400;

    private const BY_YEAR = '/^(\d{4})[-\/.](\d{1,2})[-\/.](\d{1,2})(?:[T '
        .']+(\d{1,2}):(\d\d)(?::(\d\d)(?:\.\d+)?)?)?\s*(Z|[+-]\d\d:?\d\d)?$/';

    private const BY_DAY = '/^(\d{1,2})\.(\d{1,2})\.(\d{4})(?: +(\d{1,2}):(\d\d)(?::(\d\d))?)?$/';

    /** Day or month first: the line alone does not tell. */
    private const SLASHED = '/^(\d{1,2})\/(\d{1,2})\/(\d{4})(?:,? +(\d{1,2}):(\d\d)(?::(\d\d))? *([ap]m)?)?$/i';

    /**
     * A logger's clock may be a little fast; and where it names no zone, its own may be as much as 14 hours ahead of
     * UTC.
     */
    private const FAST_SECONDS = 3600;

    private const AHEAD_SECONDS = 14 * 3600;

    /**
     * @param  int  $now  seconds since 1970, UTC
     * @param  bool|null  $isMonthFirst  how 3/4/2026 is read; null: it is not known, and such a time is refused
     * @return ClimateDay its day counted in days since 1970; a time without a zone is taken for UTC
     *
     * @throws InvalidInput naming time, temperature and humidity
     */
    public static function read(
        string $time,
        string $temperature,
        string $humidity,
        bool $isFahrenheit,
        int $now,
        ?bool $isMonthFirst = null,
    ): ClimateDay {
        $errors = [];
        $seconds = self::seconds($time, $isMonthFirst);
        if ($seconds === null) {
            $errors[] = new FieldError('time', 'Write the time as 2026-11-25 14:00.');
        } elseif (
            $seconds >
            $now +
                self::FAST_SECONDS +
                (preg_match('/(?:Z|[+-]\d\d:?\d\d)$/', trim($time)) === 1 ? 0 : self::AHEAD_SECONDS)
        ) {
            $errors[] = new FieldError('time', 'This time has not come yet.');
        }
        $typed = self::number($temperature);
        $celsius = $typed !== null && $isFahrenheit ? ($typed - 32) / 1.8 : $typed;
        if ($celsius === null || $celsius < -20 || $celsius > 60) {
            $errors[] = new FieldError(
                'temperature',
                $celsius === null ? 'The temperature is no number.' : 'Air between −20 and 60 °C can be reckoned with.',
            );
        }
        $percent = self::number($humidity);
        if ($percent === null || $percent < 0 || $percent > 100) {
            $errors[] = new FieldError('humidity', 'Humidity lies between 0 and 100 %.');
        }
        if ($errors !== [] || $seconds === null || $celsius === null || $percent === null) {
            throw new InvalidInput($errors);
        }

        return new ClimateDay($seconds / self::SECONDS_PER_DAY, $celsius, $percent);
    }

    public static function number(string $cell): ?float
    {
        return preg_match('/^\s*([-−]?\d+(?:[.,]\d+)?)\s*(?:%|°?\s*[CF])?\s*$/iu', $cell, $match) === 1
            ? (float) str_replace(['−', ','], ['-', '.'], $match[1])
            : null;
    }

    /**
     * Which comes first in times such as 3/4/2026, by what all of a file's times allow.
     *
     * @param  list<string>  $times
     * @return 'day'|'month'|'either'|null null: none is written so
     */
    public static function firstOf(array $times): ?string
    {
        $isSlashed = false;
        foreach ($times as $time) {
            if (preg_match(self::SLASHED, trim($time), $part) === 1) {
                $isSlashed = true;
                if ((int) $part[1] > 12) {
                    return 'day';
                }
                if ((int) $part[2] > 12) {
                    return 'month';
                }
            }
        }

        return $isSlashed ? 'either' : null;
    }

    /** Seconds since 1970; null where the time cannot be told for certain. */
    private static function seconds(string $time, ?bool $isMonthFirst): ?int
    {
        $time = trim($time);
        if (preg_match(self::BY_YEAR, $time, $part) === 1) {
            [$year, $month, $day] = [(int) $part[1], (int) $part[2], (int) $part[3]];
        } elseif (preg_match(self::BY_DAY, $time, $part) === 1) {
            [$day, $month, $year] = [(int) $part[1], (int) $part[2], (int) $part[3]];
        } elseif ($isMonthFirst !== null && preg_match(self::SLASHED, $time, $part) === 1) {
            [$day, $month, $year] = $isMonthFirst
                ? [(int) $part[2], (int) $part[1], (int) $part[3]]
                : [(int) $part[1], (int) $part[2], (int) $part[3]];
        } else {
            return null;
        }
        [$hour, $minute, $second] = [
            self::hour((int) ($part[4] ?? 0), strtolower($part[7] ?? '')),
            (int) ($part[5] ?? 0),
            (int) ($part[6] ?? 0),
        ];
        if (! checkdate($month, $day, $year) || $hour > 23 || $minute > 59 || $second > 59) {
            return null;
        }

        return (int) gmmktime($hour, $minute, $second, $month, $day, $year) - self::zone($part[7] ?? '');
    }

    /** Twelve at night is 0, at noon 12. */
    private static function hour(int $hour, string $half): int
    {
        return match ($half) {
            'am' => $hour % 12,
            'pm' => ($hour % 12) + 12,
            default => $hour,
        };
    }

    /** Seconds east of Greenwich. */
    private static function zone(string $zone): int
    {
        return preg_match('/^([+-])(\d\d):?(\d\d)$/', $zone, $part) === 1
            ? ($part[1] === '-' ? -1 : 1) * (3600 * (int) $part[2] + 60 * (int) $part[3])
            : 0;
    }
}
