<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;

/** With a ticket. */
final class KeyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.*' => 'This address is not whole. Open it again.',
        ];
    }

    public function key(): string
    {
        return $this->string('key')->toString();
    }
}
