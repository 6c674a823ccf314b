<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Straight;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\StraightSheet;

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
            'rows' => ['present', 'array', 'list', 'max:200'],
            'rows.*.at' => $typed,
            'rows.*.gap' => $typed,
            'farLine' => ['required', 'in:first,second'],
            'instrument' => ['required', Rule::enum(Instrument::class)],
        ];
    }

    public function sheet(Straight $straight, LengthFormatter $format): StraightSheet
    {
        $typed = $this->typed();

        return StraightSheet::of($straight->toCore(), $typed, $typed['rows'], $this->string('farLine')->toString() === 'first', $this->instrument(), $format);
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->toString());
    }

    /** @return array{rows: list<array{at: string, gap: string}>, lineWidth: string, shaving: string, tolerance: string} */
    public function typed(): array
    {
        /** @var list<array{at: string|null, gap: string|null}> $rows */
        $rows = (array) $this->input('rows');

        return [
            'rows' => array_map(static fn (array $row): array => ['at' => (string) $row['at'], 'gap' => (string) $row['gap']], $rows),
            'lineWidth' => $this->string('lineWidth')->toString(),
            'shaving' => $this->string('shaving')->toString(),
            'tolerance' => $this->string('tolerance')->toString(),
        ];
    }
}
