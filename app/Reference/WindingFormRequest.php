<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\WindingSticks\WindingForm;

/** A board under winding sticks as it was typed. */
final class WindingFormRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['present', 'nullable', 'string', 'max:60'];

        return [
            ...array_fill_keys(['boardWidth', 'stickLength', 'turned', 'shaving', 'tolerance'], $typed),
            'rows' => ['present', 'array', 'list', 'max:100'],
            'rows.*.at' => $typed,
            'rows.*.reading' => $typed,
        ];
    }

    public function sheet(LengthFormatter $format): WindingForm
    {
        /** @var list<array{at: string|null, reading: string|null}> $rows */
        $rows = (array) $this->input('rows');

        return WindingForm::of(
            [
                'boardWidth' => $this->string('boardWidth')->toString(),
                'stickLength' => $this->string('stickLength')->toString(),
                'turned' => $this->string('turned')->toString(),
                'shaving' => $this->string('shaving')->toString(),
                'tolerance' => $this->string('tolerance')->toString(),
            ],
            array_map(
                static fn (array $row): array => ['at' => (string) $row['at'], 'reading' => (string) $row['reading']],
                $rows,
            ),
            $format,
        );
    }
}
