<?php

declare(strict_types=1);

namespace App\Stall;

use App\Tool\Price;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/** A look-over made without connection: all of it at once. */
final class BroughtLookRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(LookOverRequest::kinds())],
            'unit' => ['required', Rule::enum(LengthUnit::class)],
            'begunAt' => ['required', 'date'],
            'state' => ['required', Rule::in([LookOver::OPEN, LookOver::BOUGHT, LookOver::LEFT])],
            'asked' => ['present', 'nullable', 'string', 'max:20'],
            'found' => ['present', 'array', 'list', 'max:40'],
            'found.*.check' => ['required', 'string', 'max:40'],
            'found.*.outcome' => ['present', 'nullable', Rule::enum(Outcome::class)],
            'found.*.readings' => ['present', 'array', 'list', 'max:4'],
            'found.*.readings.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'No tool of this kind is looked over.',
            'unit.*' => 'It does not say in which unit its figures are.',
            'begunAt.*' => 'It does not say when it was begun.',
            'state.*' => 'It does not say how it ended.',
        ];
    }

    public function kind(): ToolKind
    {
        return ToolKinds::named($this->string('kind')->toString());
    }

    public function state(): string
    {
        return $this->string('state')->toString();
    }

    /** What was asked for it; null: nobody said, or it cannot be read, and the tool is bought all the same. */
    public function price(): ?float
    {
        try {
            return Price::read('asked', $this->string('asked')->toString());
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return array<string, mixed> columns, beside those that every look-over begins with */
    public function columns(): array
    {
        return [
            'unit' => LengthUnit::from($this->string('unit')->toString()),
            'asked' => $this->price(),
            'found' => FoundAtStall::of((array) $this->input('found')),
            'begun_at' => min(Carbon::now(), Carbon::parse($this->string('begunAt')->toString()))
                ->toIso8601ZuluString(),
        ];
    }
}
