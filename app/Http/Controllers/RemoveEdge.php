<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;

final class RemoveEdge
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Edge $edge): JsonResponse
    {
        $entry = $ledger->record('edge-removed', $edge->name, "Put the {$edge->name} away: it is sharpened no more.", static function (Changes $changes) use ($edge, $request): void {
            $changes->delete($edge, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
