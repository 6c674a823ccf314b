<?php

declare(strict_types=1);

namespace App\Kit;

use App\Tool\Price;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;

/** A tool's readings, name and price as they are now. */
final class VersionedToolFormRequest extends ToolFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'name' => ['present', 'nullable', 'string', 'max:120'],
            'status' => ['required', Rule::enum(ToolStatus::class)],
            'price' => ['present', 'nullable', 'string', 'max:20'],
            ...self::figures('figures'),
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array{name: string, ...<string, mixed>} */
    public function values(Tool $tool, LengthFormatter $format): array
    {
        $form = $this->formOf($tool->kindOfTool(), $format);
        $form->form->soundOrRefuse('figures');

        return [
            'name' => $form->name,
            'status' => ToolStatus::from($this->string('status')->toString()),
            'size' => $form->given,
            'price' => Price::read('price', $this->string('price')->toString()),
        ];
    }
}
