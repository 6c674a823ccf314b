<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Shelf\BlankForm;

/** A blank as far as it has been described. */
class BlankRequest extends TypedSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'name' => ['present', 'nullable', 'string', 'max:60'],
            'species' => ['required', Rule::in(array_map(static fn (Species $species): string => $species->name, Species::all()))],
            'figure' => ['required', Rule::enum(Figured::class)],
            'knots' => ['required', Rule::enum(Knots::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['species.*' => 'Choose a wood from the list.', 'name.max' => 'A name of 60 letters will do.'];
    }

    public function sheet(LengthFormatter $format): BlankForm
    {
        return new BlankForm($this->typedUnder('figures'), $format);
    }

    /**
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput naming every figure that is wrong or missing
     */
    public function columns(LengthFormatter $format): array
    {
        $sheet = $this->sheet($format);
        SoundSheet::wholeOrRefuse('figures', $sheet->figures, $sheet->missing());
        $species = $this->string('species')->toString();
        $name = trim($this->string('name')->toString());

        return [
            'name' => $name === '' ? $species : $name,
            'species' => $species,
            'length_mm' => $sheet->figures['length']->value,
            'width_mm' => $sheet->figures['width']->value,
            'thickness_mm' => $sheet->figures['thickness']->value,
            'ring_deg' => $sheet->figures['ring']->value,
            'runout_deg' => $sheet->figures['runout']->value,
            'figure' => Figured::from($this->string('figure')->toString()),
            'knots' => Knots::from($this->string('knots')->toString()),
        ];
    }
}
