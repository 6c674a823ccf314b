<?php

declare(strict_types=1);

namespace App\Saw;

use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\SawTemplateForm;

/** The teeth a template is asked for, in the address, as they were typed. */
final class SawTemplateRequest extends FormRequest
{
    private const FIELDS = ['tpi', 'length', 'toe', 'toeLength', 'graded', 'toeRake'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(self::FIELDS, ['sometimes', 'nullable', 'string', 'max:60']);
    }

    /** @throws InvalidInput beside the field as it was typed */
    public function template(LengthFormatter $format): SawTemplateForm
    {
        $form = SawTemplateForm::of(
            array_map(
                fn (string $field): string => $this->string($field)->toString(),
                array_combine(self::FIELDS, self::FIELDS),
            ),
            $format,
        );
        $form->form->soundOrRefuse();

        return $form->template === null
            ? throw InvalidInput::because('tpi', 'Type the teeth per inch and the length of the toothed edge.')
            : $form;
    }
}
