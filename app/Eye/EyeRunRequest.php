<?php

declare(strict_types=1);

namespace App\Eye;

use App\Http\TypedFormRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** An exercise to be begun: from how far the screen is looked at, and how large it shows a millimetre. */
final class EyeRunRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'distance' => ['present', 'nullable', 'string', 'max:60'],
            'pxPerMm' => ['required', 'numeric', 'between:1,50'],
        ];
    }

    /** @throws InvalidInput beside the field */
    public function sight(LengthFormatter $format): Sight
    {
        $field = new FormField('distance', Quantity::Length, 150, 3000);
        $reading = $field->read($this->string('distance')->toString(), $format);
        if ($reading->error !== null) {
            throw InvalidInput::because('distance', $reading->error);
        }

        return new Sight($reading->value ?? 500.0, $this->float('pxPerMm'));
    }

    public static function exercise(string $named): Exercise
    {
        return Exercise::tryFrom($named) ?? abort(404);
    }
}
