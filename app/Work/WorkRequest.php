<?php

declare(strict_types=1);

namespace App\Work;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Step;

/** A work to be written down. */
class WorkRequest extends WorkFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'name' => ['required', 'string', 'max:80'],
            'due' => ['bail', 'present', 'nullable', 'string', 'date_format:Y-m-d'],
            'weight' => ['required', 'numeric', 'gt:0', 'lte:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give it a name, such as “tool chest”.',
            'due.*' => 'A day is written as 2027-03-31.',
            'weight.*' => 'How much it matters: more than nothing.',
        ];
    }

    /** @return array{name: string, ...<string, mixed>} */
    public function values(LengthFormatter $format): array
    {
        $form = $this->form($format);
        $form?->form->soundOrRefuse('measures');
        foreach ($this->stepForms($format) as $index => $step) {
            $step->soundOrRefuse("steps.$index.typed");
        }
        $steps = $this->steps($format);
        if ($form === null && $steps === []) {
            throw InvalidInput::because('steps', 'Choose what it is like, or add the operations it takes.');
        }

        return [
            'name' => $this->string('name')->trim()->toString(),
            'pattern' => $form?->pattern->id,
            'measures' => $form->measures ?? [],
            'steps' => $form === null
                    ? array_map(
                        static fn (Step $step): array => [
                            'operation' => $step->operation,
                            'mm' => $step->mm,
                            'minGrade' => $step->minGrade,
                        ],
                        $steps,
                    )
                    : [],
            'hardness' => $this->hardness(),
            'weight' => $this->float('weight'),
            'due_on' => $this->input('due'),
        ];
    }
}
