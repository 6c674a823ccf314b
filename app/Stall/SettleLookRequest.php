<?php

declare(strict_types=1);

namespace App\Stall;

use App\Ledger\VersionedRequest;

/** A look-over comes to its end: bought for a price, or left. */
final class SettleLookRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'price' => ['sometimes', 'nullable', 'string', 'max:20']];
    }
}
