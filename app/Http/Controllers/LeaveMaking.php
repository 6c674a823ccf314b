<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Making;
use Illuminate\Http\JsonResponse;

/** Leaves off making something; what was cut is cut, and stays off the blanks. */
final class LeaveMaking
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Making $making): JsonResponse
    {
        $sentence = $making->state === 'made' ? "Took the making of the {$making->name} off the list." : "Left off making the {$making->name}.";
        $entry = $ledger->record('making-left', $making->name, $sentence, static function (Changes $changes) use ($making, $request): void {
            foreach ($making->sessions()->where('state', 'running')->get() as $session) {
                $changes->update($session, ['state' => 'stopped']);
            }
            $changes->delete($making, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
