<?php

declare(strict_types=1);

namespace App\Blank;

use App\Http\TypedFormRequest;
use App\Wood\ChoosesWood;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Knots;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Shelf\BlankForm;

/** A blank as far as it has been described. */
class BlankRequest extends TypedFormRequest
{
    use ChoosesWood;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'name' => ['present', 'nullable', 'string', 'max:60'],
            'species' => self::speciesRules(),
            'figure' => ['required', Rule::enum(Figured::class)],
            'knots' => ['required', Rule::enum(Knots::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...self::speciesMessages(), 'name.max' => 'A name of 60 letters will do.'];
    }

    public function form(LengthFormatter $format): Form
    {
        return Form::of(BlankForm::fields(), $this->typedUnder('figures'), $format);
    }

    /**
     * @return array{name: string, ...<string, mixed>} columns
     *
     * @throws InvalidInput naming every figure that is wrong or missing
     */
    public function columns(LengthFormatter $format): array
    {
        $form = $this->form($format);
        $form->soundOrRefuse('figures');
        $species = $this->string('species')->toString();
        $name = trim($this->string('name')->toString());

        return [
            'name' => $name === '' ? $species : $name,
            'species' => $species,
            'length_mm' => $form->value('length'),
            'width_mm' => $form->value('width'),
            'thickness_mm' => $form->value('thickness'),
            'ring_deg' => $form->value('ring'),
            'runout_deg' => $form->value('runout'),
            'figure' => Figured::from($this->string('figure')->toString()),
            'knots' => Knots::from($this->string('knots')->toString()),
        ];
    }
}
