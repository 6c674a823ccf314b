<?php

declare(strict_types=1);

namespace App\Home;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\Reading;

/** What was typed into one field, and what it is read as. */
final class ReadRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'typed' => ['present', 'nullable', 'string', 'max:60'],
            'quantity' => ['required', 'string', Rule::in(array_column(Quantity::cases(), 'value'))],
        ];
    }

    public function reading(LengthFormatter $format): Reading
    {
        $typed = $this->string('typed')->toString();

        return Quantity::from($this->string('quantity')->toString())->read($typed, $format);
    }
}
