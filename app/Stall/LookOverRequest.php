<?php

declare(strict_types=1);

namespace App\Stall;

use App\Http\Sent;
use App\Tool\Price;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\ToolKinds;

/** Where a look-over stands: what was found, and the prices it is judged by. */
final class LookOverRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'name' => ['required', 'string', 'max:120'],
            'found' => ['present', 'array', 'list', 'max:40'],
            'found.*.check' => ['required', 'string', 'max:40'],
            'found.*.outcome' => ['present', 'nullable', Rule::enum(Outcome::class)],
            'found.*.readings' => ['present', 'array', 'list', 'max:4'],
            'found.*.readings.*' => ['nullable', 'string', 'max:60'],
            'sizes' => ['sometimes', 'array'],
            'sizes.*' => ['nullable', 'string', 'max:60'],
            'asked' => ['present', 'nullable', 'string', 'max:20'],
            'good' => ['present', 'nullable', 'string', 'max:20'],
            'perHour' => ['present', 'nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Give it a name of at most 120 letters.'];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> columns */
    public function values(LengthUnit $unit): array
    {
        return [
            'unit' => $unit,
            ...$this->has('sizes') ? ['sizes' => Sent::texts($this->input('sizes'))] : [],
            'name' => trim($this->string('name')->toString()),
            'found' => FoundAtStall::of((array) $this->input('found')),
            ...$this->prices()[0],
        ];
    }

    /** @return array<string, string> what is wrong with a price, by its field; the others are kept all the same */
    public function complaints(): array
    {
        return $this->prices()[1];
    }

    /** @return array{array<string, float|null>, array<string, string>} columns, complaints */
    private function prices(): array
    {
        $columns = $complaints = [];
        $missing = [
            'good' => 'What would you pay for a good one?',
            'perHour' => 'What is an hour at the bench worth to you? 0 if you like it.',
        ];
        foreach (['asked' => 'asked', 'good' => 'good_price', 'perHour' => 'per_hour'] as $field => $column) {
            try {
                $price = Price::read($field, $this->string($field)->toString());
                $price === null && isset($missing[$field])
                    ? ($complaints[$field] = $missing[$field])
                    : ($columns[$column] = $price);
            } catch (InvalidInput $wrong) {
                $complaints[$field] = $wrong->errors[0]->message;
            }
        }

        return [$columns, $complaints];
    }

    /** @return list<string> ids of the kinds that can be looked over */
    public static function kinds(): array
    {
        return array_values(
            array_map(
                static fn ($kind): string => $kind->id,
                array_filter(ToolKinds::all(), static fn ($kind): bool => Checks::of($kind) !== []),
            ),
        );
    }
}
