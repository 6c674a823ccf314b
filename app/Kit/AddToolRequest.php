<?php

declare(strict_types=1);

namespace App\Kit;

use App\Tool\Price;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Validation\Rule;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKind;

/** A tool to be hung up, or put on the list. */
final class AddToolRequest extends ToolFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'status' => ['required', Rule::enum(ToolStatus::class)],
            'condition' => ['sometimes', Rule::enum(ToolCondition::class)],
            'price' => ['present', 'nullable', 'string', 'max:20'],
        ];
    }

    /** Only what cuts is asked how it is; what is but wanted, when it comes. */
    private function condition(ToolKind $kind): ?ToolCondition
    {
        return Tool::cuts($kind) && $this->string('status')->toString() === ToolStatus::Owned->value
            ? ToolCondition::tryFrom($this->string('condition')->toString())
            : null;
    }

    /** @return array{name: string, status: ToolStatus, ...<string, mixed>} */
    public function values(LengthFormatter $format): array
    {
        $form = $this->form($format);
        $form->form->soundOrRefuse('figures');

        return [
            'kind' => $form->kind->id,
            'name' => $form->name,
            'status' => ToolStatus::from($this->string('status')->toString()),
            'condition' => $this->condition($form->kind),
            'size' => $form->given,
            'price' => Price::read('price', $this->string('price')->toString()),
        ];
    }
}
