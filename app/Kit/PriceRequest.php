<?php

declare(strict_types=1);

namespace App\Kit;

use App\Ledger\VersionedRequest;
use App\Tool\Price;
use JackRest\Desk\Form\TypedMoney;

/** A price as it was typed, decimal point or comma. */
final class PriceRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'price' => ['required', 'string', 'max:20', 'regex:'.TypedMoney::FORM],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'price.required' => 'Type a price, or 0 for a gift.',
            'price.*' => TypedMoney::COMPLAINT,
        ];
    }

    public function price(): float
    {
        return (float) Price::read('price', $this->string('price')->toString());
    }
}
