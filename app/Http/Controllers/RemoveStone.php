<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Stone;
use Illuminate\Http\JsonResponse;

final class RemoveStone
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Stone $stone): JsonResponse
    {
        $entry = $ledger->record('stone-removed', $stone->name, "Took the {$stone->name} out of the rack.", static function (Changes $changes) use ($stone, $request): void {
            $changes->delete($stone, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
