<?php

declare(strict_types=1);

namespace App\ShadowBoard;

use App\Bench\Bench;
use App\Http\Sent;
use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Desk\ShadowBoard\ShadowBoardForm;

/** A shadow board as far as it has been described. */
class ShadowBoardFormRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['present', 'nullable', 'string', 'max:60'],
            ...array_fill_keys(['width', 'height', 'room'], ['present', 'nullable', 'string', 'max:60']),
            'tools' => ['present', 'array', 'list', 'max:500'],
            'tools.*' => ['integer'],
        ];
    }

    public function form(Bench $bench, LengthFormatter $format): ShadowBoardForm
    {
        $typed = fn (string $field): string => $this->string($field)->toString();

        return ShadowBoardForm::of(
            $typed('width'),
            $typed('height'),
            $typed('room'),
            ToolsToHang::chosen($bench, Sent::ints($this->input('tools'))),
            $format,
        );
    }

    public function title(): string
    {
        $name = trim($this->string('name')->toString());

        return $name === '' ? 'shadow board' : $name;
    }

    /**
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput
     */
    public function values(Bench $bench, LengthFormatter $format): array
    {
        $form = $this->form($bench, $format);
        $form->form->soundOrRefuse();
        if ($form->tools === []) {
            throw InvalidInput::because('tools', 'Choose the tools that are to hang here.');
        }

        return [
            'name' => $this->title(),
            'width_mm' => $form->form->value('width'),
            'height_mm' => $form->form->value('height'),
            'room_mm' => $form->form->value('room'),
            'tools' => array_map(static fn (BoardTool $tool): int => (int) $tool->id, $form->tools),
        ];
    }
}
