<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Files\DiaryTable;
use App\Files\Import;
use App\Files\RackTable;
use App\Models\Bench;
use Illuminate\Foundation\Http\FormRequest;

/** The text of a CSV file, or what was pasted from a spreadsheet. */
final class ImportRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:4000000'], 'name' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'Choose a file, or paste the lines.', 'text.max' => 'The file is larger than 4 MB: take it in in parts.'];
    }

    public function import(Bench $bench, string $what): Import
    {
        return Import::of($what === 'rack' ? new RackTable : new DiaryTable, $bench, $this->string('name')->toString(), (string) $this->input('text'));
    }
}
