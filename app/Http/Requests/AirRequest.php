<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Desk\Timber\TypedAir;

/** The air as a hygrometer shows it now. */
final class AirRequest extends TypedSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::figures('figures');
    }

    /** @throws InvalidInput */
    public function air(): ClimateDay
    {
        $typed = $this->typedUnder('figures');
        $figures = ['temperature' => TypedAir::temperature($typed['temperature'] ?? ''), 'humidity' => TypedAir::percent($typed['humidity'] ?? '', 100, 'Humidity lies between 0 and 100 %.')];
        foreach ($figures as $name => $figure) {
            $complaint = $figure->error ?? $figure->doubt ?? ($figure->value === null ? 'Read this off first.' : null);
            if ($complaint !== null) {
                throw InvalidInput::because("figures.$name", $complaint);
            }
        }

        return new ClimateDay(Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY, (float) $figures['temperature']->value, (float) $figures['humidity']->value);
    }
}
