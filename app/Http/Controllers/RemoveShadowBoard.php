<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\ShadowBoard;
use Illuminate\Http\JsonResponse;

final class RemoveShadowBoard
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, ShadowBoard $shadowBoard): JsonResponse
    {
        $entry = $ledger->record('shadow-board-removed', $shadowBoard->name, "Took the {$shadowBoard->name} off the list.", static function (Changes $changes) use ($shadowBoard, $request): void {
            $changes->delete($shadowBoard, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
