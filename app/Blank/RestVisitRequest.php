<?php

declare(strict_types=1);

namespace App\Blank;

use App\Http\TypedFormRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\RestReading;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Shelf\RestForm;
use LogicException;

/** A blank measured in its rest test. */
final class RestVisitRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::figures('figures'), 'version' => ['required', 'integer', 'min:1']];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @throws InvalidInput naming every figure that is wrong or missing */
    public function visit(float $day, LengthFormatter $format): RestReading
    {
        $form = Form::of(RestForm::fields($format), $this->typedUnder('figures'), $format);
        $form->soundOrRefuse('figures');

        return RestForm::reading($form, $day) ?? throw new LogicException('a sound form has a reading');
    }
}
