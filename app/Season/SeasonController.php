<?php

declare(strict_types=1);

namespace App\Season;

use App\Bench\Bench;
use App\Climate\ClimateStretch;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Season\Answer\SeasonAnswer;
use JackRest\Core\Measure\LengthFormatter;

/** The shop’s air, and what it moved. */
final class SeasonController
{
    public function show(SeasonRequest $request, Bench $bench, LengthFormatter $format): SeasonAnswer
    {
        return SeasonResource::of($bench, $request->thickness(), $format);
    }

    /**
     * Writes down what the hygrometer shows now.
     *
     * @return Created<DiaryEntryAnswer>
     */
    public function record(AirRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $air = $request->air($ledger->at(), $format);
        $says = LengthFormatter::decimal($air->tempC, 1).' °C and '.LengthFormatter::decimal($air->rhPct, 0).' %';
        $entry = $ledger->record('air-read', 'shop', "The shop’s air: $says.", static function (Changes $changes) use (
            $air,
        ): void {
            $changes->create(ClimateStretch::of($changes->bench), ClimateStretch::columns('by hand', [$air]));
        });

        return new Created(DiaryResource::entry($entry));
    }

    /** Takes a file's readings out of the log. */
    public function destroy(VersionedRequest $request, Ledger $ledger, ClimateStretch $stretch): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'air-removed',
            'shop',
            'Took '.count($stretch->readings)." readings {$stretch->name} out of the log of the air.",
            static function (Changes $changes) use ($stretch, $request): void {
                $changes->delete($stretch, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }
}
