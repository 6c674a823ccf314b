<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Square;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\SquareEdge;
use JackRest\Desk\Truing\SquareForm;

/** A reversal test as it was typed, as the core's sheet. */
class SquareSheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['present', 'nullable', 'string', 'max:60'];

        return [
            'length' => $typed,
            'nearGap' => $typed,
            'lineWidth' => $typed,
            'shaving' => $typed,
            'tolerance' => $typed,
            'farGaps' => ['present', 'array', 'list', 'min:1', 'max:20'],
            'farGaps.*' => ['nullable', 'string', 'max:60'],
            'leftLine' => ['required', 'in:first,second'],
            'edge' => ['required', Rule::enum(SquareEdge::class)],
            'instrument' => ['required', Rule::enum(Instrument::class)],
            'workWidth' => ['nullable', 'string', 'max:60'],
            'width' => ['nullable', 'string', 'max:60'],
            'least' => ['nullable', 'string', 'max:60'],
            'metal' => ['sometimes', 'boolean'],
        ];
    }

    public function sheet(Square $square, LengthFormatter $format): SquareForm
    {
        return SquareForm::of(
            $this->typed(),
            $this->string('leftLine')->toString() === 'first',
            SquareEdge::from($this->string('edge')->toString()),
            $this->instrument(),
            $square->blade_mm,
            $format,
            $this->isMetal($square),
        );
    }

    public function isMetal(Square $square): bool
    {
        return $this->has('metal') ? $this->boolean('metal') : $square->metal;
    }

    /** Width of the work that the square is for; null: a usual one. */
    public function workWidth(): string
    {
        return $this->string('workWidth')->toString();
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->toString());
    }

    /** @return array{length: string, farGaps: list<string>, nearGap: string, lineWidth: string, shaving: string, tolerance: string, width: string, least: string} */
    public function typed(): array
    {
        return [
            'length' => $this->string('length')->toString(),
            'farGaps' => array_values(array_map(static fn (mixed $gap): string => is_string($gap) ? $gap : '', (array) $this->input('farGaps'))),
            'nearGap' => $this->string('nearGap')->toString(),
            'lineWidth' => $this->string('lineWidth')->toString(),
            'shaving' => $this->string('shaving')->toString(),
            'tolerance' => $this->string('tolerance')->toString(),
            'width' => $this->string('width')->toString(),
            'least' => $this->string('least')->toString(),
        ];
    }
}
