<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Straight;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Desk\Truing\StraightedgeForm;

/** A straightedge's reversal test as it was typed, as the core's sheet. */
class StraightSheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['present', 'nullable', 'string', 'max:60'];

        return [
            'lineWidth' => $typed,
            'shaving' => $typed,
            'tolerance' => $typed,
            'flatTo' => ['nullable', 'string', 'max:60'],
            'height' => ['nullable', 'string', 'max:60'],
            'least' => ['nullable', 'string', 'max:60'],
            'against' => ['sometimes', Rule::enum(StraightedgeMethod::class)],
            'rows' => ['present', 'array', 'list', 'max:200'],
            'rows.*.at' => $typed,
            'rows.*.gap' => $typed,
            'farLine' => ['required', 'in:first,second'],
            'instrument' => ['required', Rule::enum(Instrument::class)],
        ];
    }

    public function sheet(Straight $straight, LengthFormatter $format): StraightedgeForm
    {
        $typed = $this->typed();

        return StraightedgeForm::of($straight->toCore(), $typed, $typed['rows'], $this->string('farLine')->toString() === 'first', $this->instrument(), $format, $this->against());
    }

    public function against(): StraightedgeMethod
    {
        return StraightedgeMethod::from($this->string('against', StraightedgeMethod::Reversal->value)->toString());
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->toString());
    }

    /** @return array{rows: list<array{at: string, gap: string}>, lineWidth: string, shaving: string, tolerance: string, flatTo: string, height: string, least: string} */
    public function typed(): array
    {
        /** @var list<array{at: string|null, gap: string|null}> $rows */
        $rows = (array) $this->input('rows');

        return [
            'rows' => array_map(static fn (array $row): array => ['at' => (string) $row['at'], 'gap' => (string) $row['gap']], $rows),
            'lineWidth' => $this->string('lineWidth')->toString(),
            'shaving' => $this->string('shaving')->toString(),
            'tolerance' => $this->string('tolerance')->toString(),
            'flatTo' => $this->string('flatTo')->toString(),
            'height' => $this->string('height')->toString(),
            'least' => $this->string('least')->toString(),
        ];
    }
}
