<?php

declare(strict_types=1);

namespace App\Reference;

use App\Http\TypedFormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\TestForm;
use JackRest\Desk\Reference\TypedTest;

/** A reference's test as it was typed, whatever is tested. */
class TestRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'lists' => ['present', 'array', 'list', 'max:60'],
            'lists.*.id' => ['required', 'string', 'max:20'],
            'lists.*.typed' => ['present', 'array', 'list', 'max:200'],
            'lists.*.typed.*' => ['nullable', 'string', 'max:60'],
            'choices' => ['present', 'array'],
            'choices.*' => ['nullable', 'string', 'max:30'],
            'instrument' => ['required', Rule::enum(Instrument::class)],
        ];
    }

    public function form(Reference $reference, LengthFormatter $format): TestForm
    {
        return $reference->kind->reference()->test($this->typed($reference), $reference->sizesNow(), $format);
    }

    private function typed(Reference $reference): TypedTest
    {
        return new TypedTest(
            $this->typedUnder('figures'),
            $this->lists(),
            [...$reference->choices, ...$this->typedUnder('choices')],
            Instrument::from($this->string('instrument')->toString()),
        );
    }

    /** @return array<string, list<string>> by id */
    private function lists(): array
    {
        $lists = [];
        /** @var list<array{id: string, typed: list<string|null>}> $sent */
        $sent = (array) $this->input('lists');
        foreach ($sent as $list) {
            $lists[$list['id']] = array_map(strval(...), $list['typed']);
        }

        return $lists;
    }
}
