<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;

/** A new password in the place of the old one. */
final class ChangePasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:1024'],
            'password' => ['required', 'string', 'max:1024'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'password.*' => 'Type a password.',
            'current.*' => 'Type your password.',
        ];
    }

    public function current(): string
    {
        return $this->string('current')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
