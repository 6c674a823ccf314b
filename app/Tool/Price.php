<?php

declare(strict_types=1);

namespace App\Tool;

use JackRest\Core\Calculation\InvalidInput;

/** A sum of money as it was typed, decimal point or comma. */
final class Price
{
    private const FORM = '/^\s*\d{1,9}([.,]\d{1,2})?\s*$/';

    /** @throws InvalidInput */
    public static function read(string $field, ?string $typed): ?float
    {
        return match (true) {
            $typed === null, trim($typed) === '' => null,
            preg_match(self::FORM, $typed) === 1 => (float) str_replace(',', '.', trim($typed)),
            default => throw InvalidInput::because($field, 'A price is a number such as 65 or 12.50, 0 or more.'),
        };
    }
}
