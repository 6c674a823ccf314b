<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** As what somebody is here. */
final class InviteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'role.*' => 'Owner, member or reader.',
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }
}
