<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Files\Import;
use Illuminate\Foundation\Http\FormRequest;

/** The text of a CSV file, or what was pasted from a spreadsheet. */
final class ImportRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:4000000'],
            'name' => ['required', 'string', 'max:200'],
            'answer' => ['sometimes', 'nullable', 'string', 'regex:/^(f|c|dmy|mdy)(,(f|c|dmy|mdy))*$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required' => 'Choose a file, or paste the lines.',
            'text.max' => 'The file is larger than 4 MB: import it in parts.',
        ];
    }

    /** @param  (callable(int, int): void)|null  $told  is told how far it is */
    public function import(Bench $bench, string $what, ?callable $told = null): Import
    {
        return Import::of(
            Tables::named($what),
            $bench,
            $this->string('name')->toString(),
            $this->string('text')->toString(),
            $this->string('answer')->toString(),
            $told,
        );
    }
}
