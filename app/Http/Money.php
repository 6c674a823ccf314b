<?php

declare(strict_types=1);

namespace App\Http;

/** Prices in words; the bench keeps no currency but its own. */
final class Money
{
    public static function plain(float $amount): string
    {
        return '€ '.(floor($amount) === $amount ? (string) (int) $amount : number_format($amount, 2, '.', ''));
    }
}
