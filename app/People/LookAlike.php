<?php

declare(strict_types=1);

namespace App\People;

/**
 * Whether two names look the same on a screen. Letters of other scripts that look like Latin ones count as those, and
 * so do figures. Source: the idea and most pairs are those of Unicode UTS 39 (confusables); the choice is from memory.
 */
final class LookAlike
{
    /** Capitals that look like other letters than their small ones do. */
    private const CAPITALS = ['Η' => 'h', 'Ν' => 'n', 'Υ' => 'y', 'Β' => 'b', 'Μ' => 'm', 'Ү' => 'y'];

    /** By letters in lower case, as names are compared. */
    private const AS_LATIN = [
        'а' => 'a', 'в' => 'b', 'с' => 'c', 'ԁ' => 'd', 'е' => 'e', 'һ' => 'h', 'н' => 'h', 'і' => 'i', 'ї' => 'i',
        'ј' => 'j', 'к' => 'k', 'м' => 'm', 'о' => 'o', 'р' => 'p', 'ԛ' => 'q', 'г' => 'r', 'ѕ' => 's', 'т' => 't',
        'у' => 'y', 'ԝ' => 'w', 'х' => 'x', 'ӏ' => 'l', 'α' => 'a', 'β' => 'b', 'ϲ' => 'c', 'ε' => 'e', 'η' => 'n',
        'ι' => 'i', 'κ' => 'k', 'μ' => 'u', 'ν' => 'v', 'ο' => 'o', 'ρ' => 'p', 'τ' => 't', 'υ' => 'u', 'χ' => 'x',
        'γ' => 'y', 'ζ' => 'z', 'ω' => 'w', 'ı' => 'i', 'ɑ' => 'a', 'ɡ' => 'g', 'օ' => 'o', 'ս' => 'u', 'հ' => 'h',
        '0' => 'o', '1' => 'l', '|' => 'l',
    ];

    public static function are(string $one, string $other): bool
    {
        return self::skeleton($one) === self::skeleton($other);
    }

    private static function skeleton(string $name): string
    {
        $plain = strtr(mb_strtolower(strtr($name, self::CAPITALS)), self::AS_LATIN);

        // Blanks of every width look alike.
        return (string) preg_replace('/[\s\x{00A0}\x{2000}-\x{200A}\x{3000}]+/u', ' ', trim($plain));
    }
}
