<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Straight;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** A straightedge that fell is not trusted until it is tested. */
final class RecordStraightDrop
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Straight $straight, LengthFormatter $format): JsonResponse
    {
        $ledger->record('straight-dropped', $straight->name, "The {$straight->name} fell.", static function (Changes $changes) use ($straight, $request): void {
            $changes->update($straight, ['dropped_on' => Carbon::now()->toIso8601ZuluString()], $request->version());
        });

        return (new ShowStraight)($straight, $format);
    }
}
