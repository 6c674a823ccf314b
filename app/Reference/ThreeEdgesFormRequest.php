<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Reference\Straightedge\ThreeEdgesForm;
use JackRest\Desk\Reference\Straightedge\ThreePairs;

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
            'references' => ['present', 'array', 'list', 'size:3'],
            'references.*' => ['integer', 'min:0'],
            'rows' => ['present', 'array', 'list', 'max:200'],
            ...array_fill_keys(
                array_map(static fn (string $column): string => "rows.*.$column", ['at', ...ThreePairs::COLUMNS]),
                $typed,
            ),
        ];
    }

    /** @return array<int, Reference> the straightedges that the edges are, by their place; 0 is none */
    public function references(Bench $bench): array
    {
        $chosen = [];
        foreach (array_keys(ThreeEdgesForm::EDGES) as $place) {
            $straightedges = Reference::of($bench)->where('kind', ReferenceKind::Straightedge)->with('tests');
            $reference = $straightedges->find($this->integer("references.$place"));
            if ($reference !== null) {
                $chosen[$place] = $reference;
            }
        }

        return $chosen;
    }

    /** @throws InvalidInput when a figure is wrong, or no edge is chosen */
    public function test(Bench $bench, LengthFormatter $format): JointTest
    {
        $form = $this->form($format);
        $tests = [];
        foreach ($this->references($bench) as $place => $reference) {
            $tests[$place] = [
                $reference,
                $form->ofOne($place) ?? throw InvalidInput::because('rows', $form->next()->says),
            ];
        }

        return $tests === []
            ? throw InvalidInput::because('references', 'Say which straightedge one of the three is.')
            : new JointTest($tests);
    }

    public function form(LengthFormatter $format): ThreeEdgesForm
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
