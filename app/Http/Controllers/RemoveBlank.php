<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Blank;
use Illuminate\Http\JsonResponse;

/** Takes a blank off the shelf: used up, burnt, given away. */
final class RemoveBlank
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Blank $blank): JsonResponse
    {
        $entry = $ledger->record('blank-gone', $blank->name, "Took the {$blank->name} off the shelf.", static function (Changes $changes) use ($blank, $request): void {
            $changes->delete($blank, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
