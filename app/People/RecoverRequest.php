<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;

/** A new password, by a ticket. */
final class RecoverRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'max:100'],
            'password' => ['required', 'string', 'max:1024'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'password.*' => 'Type a password.',
            'key.*' => 'This address is not whole. Open it again.',
        ];
    }

    public function key(): string
    {
        return $this->string('key')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
