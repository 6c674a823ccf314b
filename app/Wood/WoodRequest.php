<?php

declare(strict_types=1);

namespace App\Wood;

use App\Http\TypedFormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Timber\WoodMovementForm;

/** A piece of wood between two airs, as it was typed. */
final class WoodRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'species' => [
                'required',
                Rule::in(array_map(static fn (Species $species): string => $species->name, Species::all())),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['species.*' => 'Choose a wood from the list.'];
    }

    public function form(LengthFormatter $format): WoodMovementForm
    {
        return WoodMovementForm::of($this->string('species')->toString(), $this->typedUnder('figures'), $format);
    }
}
