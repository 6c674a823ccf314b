<?php

declare(strict_types=1);

namespace App\Kit;

use App\Tool\Price;
use App\Tool\ToolStatus;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;

/** A tool to be hung up, or put on the list. */
final class AddToolRequest extends ToolFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'status' => ['required', Rule::enum(ToolStatus::class)],
            'price' => ['present', 'nullable', 'string', 'max:20'],
        ];
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
            'size' => $form->given,
            'price' => Price::read('price', $this->string('price')->toString()),
        ];
    }
}
