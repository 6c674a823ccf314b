<?php

declare(strict_types=1);

namespace App\Making;

use App\Http\TypedFormRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;

/** The sizes chosen for a plan, and the blanks its parts are wanted from. */
class PlanRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::figures('figures'), ...self::figures('blanks')];
    }

    public function form(PlanKind $plan, LengthFormatter $format): PlanForm
    {
        return PlanForm::of($plan, $this->typedUnder('figures'), $format);
    }

    /** @return array<string, string> the blank's number by the part's key */
    public function chosen(): array
    {
        return array_filter($this->typedUnder('blanks'), static fn (string $id): bool => ctype_digit($id));
    }
}
