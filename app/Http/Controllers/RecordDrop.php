<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Square;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** A square that fell is not trusted until it is tested. */
final class RecordDrop
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Square $square, LengthFormatter $format): JsonResponse
    {
        $ledger->record('square-dropped', $square->name, "The {$square->name} fell.", static function (Changes $changes) use ($square, $request): void {
            $changes->update($square, ['dropped_on' => Carbon::now()->toIso8601ZuluString()], $request->version());
        });

        return (new ShowSquare)($square, $format);
    }
}
