<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\Length;
use JackRest\Core\Measure\LengthUnit;

/**
 * Reads lengths as they are typed at a bench.
 *
 * `9.5`, `9,5`, `3/8`, `1 1/8`, `1-1/8`, `1 1/8in`, `1⅛"`, `12 thou`, `0.3mm`, `-0.1`. A bare number is in the
 * unit given; a decimal comma and a point mean the same; a minus stands only in front. `0.5 mm / 10` is one of ten that
 * were measured in a pack. `2 sheets` are two of the user's own paper.
 */
final class LengthParser
{
    /** Longer than this is a slip, not a length at a bench. */
    private const LONGEST_MM = 100_000.0;

    private const UNITS_MM = [
        'mm' => 1.0,
        'millimetre' => 1.0,
        'millimetres' => 1.0,
        'millimeter' => 1.0,
        'millimeters' => 1.0,
        'cm' => 10.0,
        'm' => 1000.0,
        'µm' => 0.001,
        'um' => 0.001,
        'micron' => 0.001,
        'microns' => 0.001,
        'in' => 25.4,
        'inch' => 25.4,
        'inches' => 25.4,
        '"' => 25.4,
        '″' => 25.4,
        '”' => 25.4,
        "''" => 25.4,
        'thou' => 0.0254,
        'mil' => 0.0254,
        'mils' => 0.0254,
        'th' => 0.0254,
        'ft' => 304.8,
        'foot' => 304.8,
        'feet' => 304.8,
        "'" => 304.8,
        '′' => 304.8,
        '’' => 304.8,
    ];

    private const SINGLE_SIGN_FRACTIONS = [
        '½' => '1/2',
        '¼' => '1/4',
        '¾' => '3/4',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
        '⅓' => '1/3',
        '⅔' => '2/3',
    ];

    /**
     * @param  float|null  $paperMm  one sheet of the user's paper; null: not measured
     *
     * @throws UnreadableLength
     */
    public static function parse(string $typed, LengthUnit $unit, ?float $paperMm = null): Length
    {
        $text = self::tidied($typed);
        // A unit or a decimal before the stroke: then it divides a pack, and is no fraction.
        if (preg_match('~^(.*[\p{L}"″”\'.,].*?)\s*[/÷]\s*([1-9]\d{0,2})$~u', $text, $pack) === 1) {
            return new Length(self::parse($pack[1], $unit, $paperMm)->mm / (int) $pack[2]);
        }
        if ($text === '') {
            throw UnreadableLength::empty();
        }
        if (preg_match('~^([+-]?)\s*([\d.,/\s⁄-]*\d[.,]?)\s*([^\d\s.,/+-].*)?$~u', $text, $part) !== 1) {
            throw UnreadableLength::notANumber(trim($typed));
        }
        $mm = self::number(trim($part[2]), trim($typed)) * self::unitMm(trim($part[3] ?? ''), $unit, $paperMm);
        if ($mm > self::LONGEST_MM) {
            throw UnreadableLength::tooLong();
        }

        return new Length($part[1] === '-' ? -$mm : $mm);
    }

    private static function tidied(string $typed): string
    {
        foreach (self::SINGLE_SIGN_FRACTIONS as $sign => $fraction) {
            $typed = str_replace($sign, " $fraction", $typed);
        }

        $spaces = array_fill_keys(["\u{00A0}", "\u{202F}", "\u{2009}"], ' ');
        $signs = ['⁄' => '/', '−' => '-', '–' => '-', 'μ' => 'µ', ...$spaces];

        return SpokenNumber::written(trim(strtr($typed, $signs)));
    }

    private static function number(string $text, string $typed): float
    {
        if (preg_match('~^(\d+(?:[.,]\d*)?|[.,]\d+)$~', $text) === 1) {
            return (float) str_replace(',', '.', $text);
        }
        if (preg_match('~^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*/\s*(\d+)$~', $text, $part) !== 1) {
            throw UnreadableLength::notANumber($typed);
        }
        [$whole, $above, $under] = [(int) $part[1], (int) $part[2], (int) $part[3]];
        if ($under === 0) {
            throw UnreadableLength::zeroDenominator($typed);
        }
        if ($whole > 0 && $above >= $under) {
            throw UnreadableLength::improperMixed($typed);
        }

        return $whole + $above / $under;
    }

    private static function unitMm(string $word, LengthUnit $unit, ?float $paperMm): float
    {
        $word = rtrim(mb_strtolower($word), '. ');
        if (in_array($word, ['sheet', 'sheets'], true)) {
            return $paperMm ?? throw UnreadableLength::paperNotMeasured();
        }

        return $word === '' ? $unit->mm() : self::UNITS_MM[$word] ?? throw UnreadableLength::unknownUnit($word);
    }
}
