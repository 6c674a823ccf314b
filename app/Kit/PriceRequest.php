<?php

declare(strict_types=1);

namespace App\Kit;

use App\Ledger\VersionedRequest;

/** A price as it was typed, decimal point or comma. */
final class PriceRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'price' => ['required', 'string', 'max:20', 'regex:/^\s*\d{1,9}([.,]\d{1,2})?\s*$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'price.required' => 'Type a price, or 0 for a gift.',
            'price.*' => 'A price is a number such as 65 or 12.50, 0 or more.',
        ];
    }

    public function price(): float
    {
        return (float) str_replace(',', '.', trim($this->string('price')->toString()));
    }
}
