<?php

declare(strict_types=1);

namespace App\Care;

use App\Ledger\Record;
use JackRest\Core\Care\Consumable;

/**
 * What was bought last of something that is used up.
 *
 * @property Consumable $kind
 * @property float $bought how much of it
 * @property string $bought_on
 */
final class ConsumableStock extends Record
{
    protected $table = 'consumables';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => Consumable::class, 'bought' => 'float'];
    }
}
