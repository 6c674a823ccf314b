<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;

/** By name and password. */
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'password' => ['required', 'string', 'max:1024'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'A name, of 60 characters at most.',
            'password.*' => 'Type a password.',
        ];
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
