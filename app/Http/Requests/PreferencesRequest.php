<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthUnit;

final class PreferencesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'unit' => ['sometimes', Rule::enum(LengthUnit::class)],
            'ground' => ['sometimes', Rule::in(['system', 'light', 'dark'])],
        ];
    }

    /** @return array<string, string> */
    public function preferences(): array
    {
        /** @var array<string, string> $chosen */
        $chosen = $this->safe(['unit', 'ground']);

        return $chosen;
    }
}
