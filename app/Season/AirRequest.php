<?php

declare(strict_types=1);

namespace App\Season;

use App\Http\TypedFormRequest;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Timber\AirFields;

/** The air as a hygrometer shows it now. */
final class AirRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::figures('figures');
    }

    /** @throws InvalidInput */
    public function air(Carbon $at, LengthFormatter $format): ClimateDay
    {
        $missing = 'Read this off first.';
        $form = Form::of(
            [AirFields::temperature('temperature', $missing), AirFields::humidity('humidity', $missing)],
            $this->typedUnder('figures'),
            $format,
        );
        $form->soundOrRefuse('figures');
        foreach ($form->readings as $name => $reading) {
            if ($reading->doubt !== null) {
                throw InvalidInput::because("figures.$name", $reading->doubt);
            }
        }

        return new ClimateDay(
            $at->getTimestamp() / ClimateLine::SECONDS_PER_DAY,
            (float) $form->value('temperature'),
            (float) $form->value('humidity'),
        );
    }
}
