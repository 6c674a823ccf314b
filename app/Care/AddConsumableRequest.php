<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Care\Consumable;

final class AddConsumableRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(Consumable::class)],
            'amount' => ['present', 'nullable', 'string', 'max:20'],
        ];
    }

    public function kind(): Consumable
    {
        return Consumable::from($this->string('kind')->toString());
    }

    /** @throws InvalidInput when it is no amount */
    public function amount(): float
    {
        $typed = str_replace(',', '.', trim($this->string('amount')->toString()));
        $amount = is_numeric($typed) ? (float) $typed : 0.0;
        if ($amount <= 0 || $amount > 10_000) {
            throw InvalidInput::because('amount', 'How many did you buy? A number such as 12.');
        }

        return $amount;
    }
}
