<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** An empty bench, by its name. */
final class BeginBenchRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isNew = Rule::unique(Bench::class, 'name')->whereNull('taken_back_at');

        return ['name' => ['required', 'string', 'max:60', $isNew]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the bench a name.',
            'name.max' => 'A name has 60 characters at most.',
            'name.unique' => 'There is a bench of that name already.',
        ];
    }
}
