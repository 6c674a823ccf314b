<?php

declare(strict_types=1);

namespace App\Stall;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

final class NewLookOverRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::in(LookOverRequest::kinds())]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => 'Choose what kind of tool it is.'];
    }

    public function kind(): ToolKind
    {
        return ToolKinds::named($this->string('kind')->toString());
    }
}
