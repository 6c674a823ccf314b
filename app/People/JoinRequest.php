<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;

/** With an invitation: a new account, or one that there is. */
final class JoinRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'max:100'],
            'name' => ['required', 'string', 'max:60'],
            'password' => ['required', 'string', 'max:1024'],
            'isKnown' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'A name, of 60 characters at most.',
            'password.*' => 'Type a password.',
            'key.*' => 'This address is not whole. Open it again.',
        ];
    }

    public function key(): string
    {
        return $this->string('key')->toString();
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }

    public function isKnown(): bool
    {
        return $this->boolean('isKnown');
    }
}
