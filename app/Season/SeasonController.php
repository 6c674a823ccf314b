<?php

declare(strict_types=1);

namespace App\Season;

use App\Bench\Bench;
use App\Diary\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** The shop’s air, and what it moved. */
final class SeasonController
{
    public function show(SeasonRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(SeasonResource::of($bench, $request->thickness(), $format));
    }

    /** Writes down what the hygrometer shows now. */
    public function record(AirRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $air = $request->air($format);
        $says = LengthFormatter::decimal($air->tempC, 1).' °C and '.LengthFormatter::decimal($air->rhPct, 0).' %';
        $entry = $ledger->record('air-read', 'shop', "The shop’s air: $says.", static function (Changes $changes) use (
            $air,
        ): void {
            $changes->create($changes->bench->climateStretches(), ClimateStretch::columns('by hand', [$air]));
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }

    /** Takes a file's readings out of the log. */
    public function destroy(VersionedRequest $request, Ledger $ledger, ClimateStretch $stretch): JsonResponse
    {
        $entry = $ledger->record(
            'air-removed',
            'shop',
            'Took '.count($stretch->readings)." readings {$stretch->name} out of the log of the air.",
            static function (Changes $changes) use ($stretch, $request): void {
                $changes->delete($stretch, $request->version());
            },
        );

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
