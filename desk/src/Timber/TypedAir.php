<?php

declare(strict_types=1);

namespace JackRest\Desk\Timber;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** Temperatures and percentages as they are typed: `21`, `21 °C`, `70 °F`, `65 %`. */
final class TypedAir
{
    /** A shed warmer than this is asked about: it may have been read off a Fahrenheit scale. */
    private const HOT_C = 45.0;

    /** Temperature in °C; what says °F is converted, what is too hot to be °C is asked about. */
    public static function temperature(string $typed): Figure
    {
        if (trim($typed) === '') {
            return Figure::none($typed);
        }
        if (preg_match('/^\s*([-−]?\d+(?:[.,]\d+)?)\s*(?:°\s*)?([cf])?\s*$/iu', $typed, $match) !== 1) {
            return Figure::unread($typed, 'Type a temperature, such as 18 or 65 °F.');
        }
        $number = (float) str_replace(['−', ','], ['-', '.'], $match[1]);
        $isFahrenheit = strtolower($match[2] ?? '') === 'f';
        $celsius = $isFahrenheit ? ($number - 32) / 1.8 : $number;
        $figure = Figure::read($typed, $celsius)->within(-20, 60, 'Air between −20 and 60 °C.');
        if ($isFahrenheit) {
            return $figure;
        }
        $fahrenheit = ($number - 32) / 1.8;

        return $number > self::HOT_C && $number <= 140
            ? Figure::read($typed, min(60.0, $number))->doubted('Is that °F? It would be '.LengthFormatter::decimal($fahrenheit, 1).' °C.', LengthFormatter::decimal($fahrenheit, 1))
            : $figure;
    }

    public static function percent(string $typed, float $most, string $complaint): Figure
    {
        if (trim($typed) === '') {
            return Figure::none($typed);
        }
        if (preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*%?\s*$/', $typed, $match) !== 1) {
            return Figure::unread($typed, 'Type a percentage, such as 65.');
        }

        return Figure::read($typed, (float) str_replace(',', '.', $match[1]))->within(0, $most, $complaint);
    }
}
