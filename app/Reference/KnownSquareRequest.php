<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\Square\KnownSquareForm;

/** Squares held against a known one, as far as the gaps have been typed. */
final class KnownSquareRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'known' => ['required', 'integer'],
            'instrument' => ['required', Rule::enum(Instrument::class)],
            'rows' => ['present', 'array', 'list', 'max:200'],
            'rows.*.square' => ['required', 'integer'],
            'rows.*.gap' => ['present', 'nullable', 'string', 'max:60'],
            'rows.*.at' => ['required', 'in:tip,heel'],
        ];
    }

    /** @throws InvalidInput when the known square is none */
    public function form(KnownSquares $squares, LengthFormatter $format): KnownSquareForm
    {
        $chosen = $squares->known()->firstWhere('id', $this->integer('known'));
        $known = $chosen === null ? null : KnownSquares::of($chosen);
        if ($known === null) {
            throw InvalidInput::because('known', 'Choose a square that was tested and can be trusted.');
        }
        $typed = array_map(
            static fn (array $row): array => [
                'name' => $row['square']->name,
                'lengthMm' => KnownSquares::testedMm($row['square']),
                'toleranceMm' => $row['square']->toleranceMm(),
                'gap' => $row['gap'],
                'atTip' => $row['atTip'],
            ],
            $this->rows($squares),
        );

        return KnownSquareForm::of($known, $typed, Instrument::from($this->string('instrument')->toString()), $format);
    }

    /**
     * @return list<array{square: Reference, gap: string, atTip: bool}> rows of squares that hang at this bench, in
     * their order
     */
    public function rows(KnownSquares $squares): array
    {
        $rows = [];
        /** @var list<array{square: int, gap: string|null, at: string}> $typed */
        $typed = (array) $this->input('rows');
        foreach ($typed as $row) {
            $square = $squares->all->firstWhere('id', (int) $row['square']);
            if ($square !== null && $square->id !== $this->integer('known')) {
                $rows[] = ['square' => $square, 'gap' => (string) $row['gap'], 'atTip' => $row['at'] === 'tip'];
            }
        }

        return $rows;
    }
}
