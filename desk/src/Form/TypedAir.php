<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\LengthFormatter;

/** Temperatures and percentages as they are typed: `21`, `21 °C`, `70 °F`, `65 %`. */
final class TypedAir
{
    /** A shed warmer than this is asked about: it may have been read off a Fahrenheit scale. */
    private const HOT_C = 45.0;

    private const COLDEST_C = -20.0;

    private const HOTTEST_C = 60.0;

    /** °C; what says °F is converted, what is too hot to be °C is asked about. */
    public static function celsius(string $typed): Reading
    {
        if (preg_match('/^\s*([-−]?\d+(?:[.,]\d+)?)\s*(?:°\s*)?([cf])?\s*$/iu', $typed, $match) !== 1) {
            return Reading::unreadable($typed, 'Type a temperature, such as 18 or 65 °F.');
        }
        $number = (float) str_replace(['−', ','], ['-', '.'], $match[1]);
        $fahrenheit = ($number - 32) / 1.8;
        if (strtolower($match[2] ?? '') === 'f') {
            return self::inReason(
                Reading::understood($typed, $fahrenheit, LengthFormatter::decimal($fahrenheit, 1).' °C'),
            );
        }
        if ($number > self::HOT_C && $number <= 140) {
            $likely = LengthFormatter::decimal($fahrenheit, 1);

            return Reading::understood($typed, min(self::HOTTEST_C, $number))->doubted(
                "Is that °F? It would be $likely °C.",
                $likely,
            );
        }

        return self::inReason(Reading::understood($typed, $number));
    }

    public static function percent(string $typed): Reading
    {
        return preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*%?\s*$/', $typed, $match) === 1
            ? Reading::understood($typed, (float) str_replace(',', '.', $match[1]))
            : Reading::unreadable($typed, 'Type a percentage, such as 65.');
    }

    private static function inReason(Reading $celsius): Reading
    {
        return $celsius->within(self::COLDEST_C, self::HOTTEST_C, 'Air between −20 and 60 °C.');
    }
}
