<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RestVisitRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Blank;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;

/** Writes down how a blank lies: first when it goes to rest, again when its week is over. */
final class MeasureBlank
{
    public function __invoke(RestVisitRequest $request, Ledger $ledger, Blank $blank, LengthFormatter $format): JsonResponse
    {
        $now = Carbon::now();
        $visit = $request->visit($now->getTimestamp() / ClimateLine::SECONDS_PER_DAY, $format);
        $says = "bow {$format->small($visit->bowMm)}, wind {$format->small($visit->windMm)}, cup {$format->small($visit->cupMm)}";
        $entry = $ledger->record('blank-at-rest', $blank->name, "Measured the {$blank->name}: $says.", static function (Changes $changes) use ($blank, $visit, $now, $request): void {
            $changes->update($blank, [], $request->version());
            $changes->create($blank->visits(), ['measured_at' => $now->toIso8601ZuluString(), 'bow_mm' => $visit->bowMm, 'wind_mm' => $visit->windMm, 'cup_mm' => $visit->cupMm]);
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
