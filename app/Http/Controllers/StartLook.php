<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NewLookOverRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\LookOver;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** Begins to look a tool over; the record is there from the first moment. */
final class StartLook
{
    /** Worth of an hour where nobody said; invented. */
    private const PER_HOUR = 10.0;

    public function __invoke(NewLookOverRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $kind = $request->kind();
        // What an hour is worth stays what it was the last time.
        $before = $ledger->bench->lookOvers()->latest('id')->first();
        $look = null;
        $ledger->save(static function (Changes $changes) use ($kind, $before, $format, &$look): void {
            $look = $changes->create($changes->bench->lookOvers(), [
                'kind' => $kind->id, 'name' => $kind->name, 'found' => [], 'good_price' => $kind->price, 'per_hour' => $before->per_hour ?? self::PER_HOUR,
                'state' => LookOver::OPEN, 'sizes' => [], 'unit' => $format->unit, 'begun_at' => Carbon::now()->toIso8601ZuluString(),
            ]);
        });
        assert($look instanceof LookOver);

        return (new ShowLook)($look, $format)->setStatusCode(201);
    }
}
