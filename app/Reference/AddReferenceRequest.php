<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Desk\Reference\ReferenceKind;

final class AddReferenceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(ReferenceKind::class)], 'name' => ['required', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give it a name of at most 120 letters, such as sole of the jack plane.',
            'kind.*' => 'Choose what it is.',
        ];
    }

    public function kind(): ReferenceKind
    {
        return ReferenceKind::from($this->string('kind')->toString());
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }
}
