<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\LengthFormatter;

/** Angles and slopes as they are typed: `12`, `12°`, `1:7`. */
final class TypedAngle
{
    /** In degrees; a slope is converted. */
    public static function degrees(string $typed): Reading
    {
        if (preg_match('/^\s*1\s*:\s*(\d+(?:[.,]\d+)?)\s*$/', $typed, $match) === 1 && self::number($match[1]) > 0) {
            $deg = rad2deg(atan(1 / self::number($match[1])));

            return Reading::understood($typed, $deg, LengthFormatter::decimal($deg, 2).'°');
        }

        return preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*(°|deg|degrees)?\s*$/i', $typed, $match) === 1
            ? Reading::understood($typed, self::number($match[1]))
            : Reading::unreadable($typed, 'Type degrees, such as 12, or a slope: 1:7.');
    }

    /** As one in so many: typed as 7, as 1:7, or for a bevel as 45°. */
    public static function slope(string $typed): Reading
    {
        if (preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*(?:°|deg|degrees)\s*$/u', $typed, $match) === 1) {
            $deg = self::number($match[1]);

            return $deg > 0 && $deg < 90
                ? Reading::understood($typed, 1 / tan(deg2rad($deg)))
                : Reading::unreadable($typed, 'A slope is steeper than 0° and less than 90°.');
        }
        $bare = str_replace(',', '.', (string) preg_replace('/^\s*1\s*:\s*/', '', trim($typed)));

        return is_numeric($bare) && is_finite((float) $bare)
            ? Reading::understood($typed, (float) $bare)
            : Reading::unreadable($typed, 'Type a slope such as 7, 1:7 or 45°.');
    }

    private static function number(string $digits): float
    {
        return (float) str_replace(',', '.', $digits);
    }
}
