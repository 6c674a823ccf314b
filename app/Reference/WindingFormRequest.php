<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\ReferenceKind;
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
            'board' => ['required', 'integer', 'min:0'],
            'rows' => ['present', 'array', 'list', 'max:100'],
            'rows.*.at' => $typed,
            'rows.*.reading' => $typed,
        ];
    }

    /** The board on the list that is sighted; null: it is not on it. */
    public function board(Bench $bench): ?Reference
    {
        return Reference::of($bench)->where('kind', ReferenceKind::Board)->with('tests')->find($this->integer('board'));
    }

    /** @throws InvalidInput when a figure is wrong, or no board is chosen */
    public function test(Bench $bench, LengthFormatter $format): JointTest
    {
        $form = $this->form($bench, $format);
        $board = $this->board($bench) ?? throw InvalidInput::because('board', 'Say which board of the list this is.');

        return new JointTest([[
            $board,
            $form->ofBoard() ?? throw InvalidInput::because('rows', $form->objection ?? $form->next()->says),
        ]]);
    }

    public function form(Bench $bench, LengthFormatter $format): WindingForm
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
            WindingResource::sticksMm($bench),
            $format,
        );
    }
}
