<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\ClimateStretch;
use Illuminate\Http\JsonResponse;

/** Takes a file's readings out of the log. */
final class RemoveStretch
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, ClimateStretch $stretch): JsonResponse
    {
        $entry = $ledger->record('air-removed', 'shop', 'Took '.count($stretch->readings)." readings {$stretch->name} out of the log of the air.", static function (Changes $changes) use ($stretch, $request): void {
            $changes->delete($stretch, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
