<?php

declare(strict_types=1);

namespace App\Reference;

use App\Http\TypedFormRequest;
use App\Wood\ChoosesWood;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Season\ReferenceWoodForm;

/** The wood a reference is said to be of. */
final class ReferenceWoodRequest extends TypedFormRequest
{
    use ChoosesWood;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'species' => self::speciesRules(),
            'version' => ['required', 'integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::speciesMessages();
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @throws InvalidInput */
    public function wood(LengthFormatter $format): ReferenceWood
    {
        $species = Species::named($this->string('species')->toString());
        assert($species !== null);
        $form = ReferenceWoodForm::of($species, $this->typedUnder('figures'), $format);
        $form->form->soundOrRefuse('figures');

        return $form->wood ??
            throw InvalidInput::because(
                'figures.thickness',
                'How thick is it? That decides how fast it follows the air.',
            );
    }
}
