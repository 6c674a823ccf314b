<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\LengthFormatter;

/** A saw's teeth as they are typed: `15`, `16 ppi`; `rip`, `cross`. */
final class TypedTeeth
{
    /** Points per inch = teeth per inch + 1: both ends of the inch are counted. */
    public static function perInch(string $typed): Reading
    {
        $counted = '/^\s*(\d+(?:[.,]\d+)?)\s*(tpi|teeth|ppi|points?|pts?)?(?:\s*per inch)?\s*$/i';
        if (preg_match($counted, $typed, $match) !== 1) {
            return Reading::unreadable($typed, 'Type teeth per inch, such as 15, or points: 16 ppi.');
        }
        $number = (float) str_replace(',', '.', $match[1]);
        $teeth = str_starts_with(strtolower($match[2] ?? ''), 'p') ? $number - 1 : $number;
        $points = LengthFormatter::decimal($teeth + 1, 1);

        return Reading::understood(
            $typed,
            $teeth,
            LengthFormatter::decimal($teeth, 1)." teeth, $points points per inch",
        );
    }

    /** Rip = 1, cross = 2, both = 3: a cut along the grain wants rip teeth, one across it crosscut teeth. */
    public static function shape(string $typed): Reading
    {
        return match (strtolower(trim($typed))) {
            'rip', 'along' => Reading::understood($typed, 1.0),
            'cross', 'crosscut', 'across' => Reading::understood($typed, 2.0),
            'both' => Reading::understood($typed, 3.0),
            default => Reading::unreadable($typed, 'Type rip, cross or both.'),
        };
    }
}
