<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Reference;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Truing\Reference\TestForm;

/** A reference's test as it was typed: its figures, and the gaps of each line where it is a flat thing. */
class ReferenceSheetRequest extends TypedSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'lines' => ['present', 'array', 'list', 'max:40'],
            'lines.*.id' => ['required', 'string', 'max:20'],
            'lines.*.gaps' => ['present', 'array', 'list', 'max:20'],
            'lines.*.gaps.*' => ['nullable', 'string', 'max:60'],
            'instrument' => ['required', Rule::enum(Instrument::class)],
        ];
    }

    public function sheet(Reference $reference, LengthFormatter $format): TestForm
    {
        return $reference->kind->sheet($this->typedUnder('figures'), $this->gaps(), $this->instrument()->resolutionMm($format->paperMm), $format);
    }

    public function instrument(): Instrument
    {
        return Instrument::from($this->string('instrument')->toString());
    }

    /** @return array{figures: array<string, string>, gaps: array<string, list<string>>} */
    public function typed(): array
    {
        return ['figures' => $this->typedUnder('figures'), 'gaps' => $this->gaps()];
    }

    /** @return array<string, list<string>> by the id of a line */
    private function gaps(): array
    {
        $gaps = [];
        /** @var list<array{id: string, gaps: list<string|null>}> $lines */
        $lines = (array) $this->input('lines');
        foreach ($lines as $line) {
            $gaps[$line['id']] = array_map(strval(...), $line['gaps']);
        }

        return $gaps;
    }
}
