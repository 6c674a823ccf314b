<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;

/** A length as it is typed, echoed in millimetres and inches. */
final class TypedLength
{
    /** 3/8, 1 3/8, 1-3/8 */
    private const BARE_FRACTION = '~^(\d+[\s-]+)?\d+\s*/\s*\d+$~';

    public static function read(string $typed, LengthFormatter $format): Reading
    {
        try {
            $mm = LengthParser::parse($typed, $format->unit, $format->paperMm)->mm;

            return self::asked(Reading::understood($typed, $mm, self::inBoth($mm)), $mm, $format);
        } catch (UnreadableLength $wrong) {
            return self::unreadable($typed, $wrong->getMessage(), $format);
        }
    }

    /** A bare fraction is how inches are written: among millimetres it is asked about. */
    private static function asked(Reading $reading, float $mm, LengthFormatter $format): Reading
    {
        $text = trim($reading->typed);
        if ($format->unit !== LengthUnit::Millimetre || preg_match(self::BARE_FRACTION, $text) !== 1) {
            return $reading;
        }
        $inMm = LengthFormatter::decimal($mm * LengthUnit::MM_PER_INCH, 1);

        return $reading->doubted("$text mm, or $text in = $inMm mm?", "$text in");
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
