<?php

declare(strict_types=1);

namespace App\Wood;

use App\Http\TypedFormRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Timber\WoodMovementForm;

/** A piece of wood between two airs, as it was typed. */
final class WoodRequest extends TypedFormRequest
{
    use ChoosesWood;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'species' => self::speciesRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::speciesMessages();
    }

    public function form(LengthFormatter $format): WoodMovementForm
    {
        return WoodMovementForm::of($this->string('species')->toString(), $this->typedUnder('figures'), $format);
    }
}
