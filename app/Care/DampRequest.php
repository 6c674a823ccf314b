<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Care\Damp;

final class DampRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['damp' => ['required', Rule::enum(Damp::class)]];
    }

    public function damp(): Damp
    {
        return Damp::from($this->string('damp')->toString());
    }
}
