<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\Straightedge\ThreeEdgesForm;

/** Three edges against each other as far as they were typed. */
final class ThreeEdgesFormRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['present', 'nullable', 'string', 'max:60'];

        return [
            'shaving' => $typed,
            'tolerance' => $typed,
            'instrument' => ['required', Rule::enum(Instrument::class)],
            'rows' => ['present', 'array', 'list', 'max:200'],
            ...array_fill_keys(
                array_map(static fn (string $column): string => "rows.*.$column", ['at', ...ThreeEdgesForm::COLUMNS]),
                $typed,
            ),
        ];
    }

    public function sheet(LengthFormatter $format): ThreeEdgesForm
    {
        /** @var list<array<string, string|null>> $rows */
        $rows = (array) $this->input('rows');

        return ThreeEdgesForm::of(
            ['shaving' => $this->string('shaving')->toString(), 'tolerance' => $this->string('tolerance')->toString()],
            array_map(static fn (array $row): array => array_map(strval(...), $row), $rows),
            Instrument::from($this->string('instrument')->toString()),
            $format,
        );
    }
}
