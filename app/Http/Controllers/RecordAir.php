<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AirRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\ClimateStretch;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Writes down what the hygrometer shows now. */
final class RecordAir
{
    public function __invoke(AirRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $air = $request->air($format);
        $says = LengthFormatter::decimal($air->tempC, 1).' °C and '.LengthFormatter::decimal($air->rhPct, 0).' %';
        $entry = $ledger->record('air-read', 'shop', "The shop’s air: $says.", static function (Changes $changes) use ($air): void {
            $changes->create($changes->bench->climateStretches(), ClimateStretch::columns('by hand', [$air]));
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
