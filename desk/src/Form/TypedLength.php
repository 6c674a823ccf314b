<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;

/** A length as it is typed, echoed in millimetres and inches. */
final class TypedLength
{
    public static function read(string $typed, LengthFormatter $format): Reading
    {
        try {
            $mm = LengthParser::parse($typed, $format->unit, $format->paperMm)->mm;

            return Reading::understood($typed, $mm, self::inBoth($mm));
        } catch (UnreadableLength $wrong) {
            return self::unreadable($typed, $wrong->getMessage(), $format);
        }
    }

    private static function inBoth(float $mm): string
    {
        $inch = new LengthFormatter(LengthUnit::Inch);
        $inches = abs($mm) < 1.0 ? $inch->small($mm) : $inch->dimension($mm);

        return LengthFormatter::decimal($mm, 3)." mm · $inches";
    }

    /** A caliper key that bounces types its figure twice: 0.320.32. */
    private static function unreadable(string $typed, string $message, LengthFormatter $format): Reading
    {
        $text = trim($typed);
        $half = intdiv(strlen($text), 2);
        $once = substr($text, 0, $half);
        if ($half > 0 && $text === $once.$once && self::read($once, $format)->value !== null) {
            return Reading::unreadable($typed, "Typed twice? Perhaps $once was meant.", $once);
        }

        return Reading::unreadable($typed, $message);
    }
}
