<?php

declare(strict_types=1);

namespace App\Tool;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Form\TypedMoney;

/** A sum of money as it was typed, decimal point or comma. */
final class Price
{
    /** @throws InvalidInput */
    public static function read(string $field, ?string $typed): ?float
    {
        $reading = trim((string) $typed) === '' ? Reading::none() : TypedMoney::euros((string) $typed);
        if ($reading->error !== null) {
            throw InvalidInput::because($field, $reading->error);
        }

        return $reading->value;
    }
}
