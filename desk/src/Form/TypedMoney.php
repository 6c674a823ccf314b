<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

/** Sums of money as they are typed: `65`, `12.50`, `12,5`, `€ 12`. */
final class TypedMoney
{
    public const FORM = '/^\s*(?:€\s*)?(\d{1,9}(?:[.,]\d{1,2})?)\s*€?\s*$/u';

    public const COMPLAINT = 'A price is a number such as 65 or 12.50, 0 or more.';

    /** A bench keeps one currency; its sign may be typed or left out. */
    public static function euros(string $typed): Reading
    {
        return preg_match(self::FORM, $typed, $match) === 1
            ? Reading::understood($typed, (float) str_replace(',', '.', $match[1]), self::says($match[1]))
            : Reading::unreadable($typed, self::COMPLAINT);
    }

    private static function says(string $typed): string
    {
        $amount = (float) str_replace(',', '.', $typed);

        return '€ '.(floor($amount) === $amount ? (string) (int) $amount : number_format($amount, 2, '.', ''));
    }
}
