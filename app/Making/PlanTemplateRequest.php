<?php

declare(strict_types=1);

namespace App\Making;

use App\Http\TypedFormRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Making\PlanPrint;

/** The sizes a template is asked for, in the address, as they were typed. */
final class PlanTemplateRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['figures' => ['sometimes', 'array'], 'figures.*' => ['nullable', 'string', 'max:60']];
    }

    /** @throws InvalidInput beside the field as it was typed */
    public function template(PlanKind $plan, LengthFormatter $format): PlanPrint
    {
        $form = PlanForm::of($plan, $this->typedUnder('figures'), $format);
        $form->form->soundOrRefuse('figures');

        return new PlanPrint(ucfirst($plan->label()), $form->making->views($format));
    }
}
