<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Guide;
use Illuminate\Http\JsonResponse;

final class RemoveGuide
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Guide $guide): JsonResponse
    {
        $entry = $ledger->record('guide-removed', $guide->name, "Put the {$guide->name} for {$guide->seat->label()} away.", static function (Changes $changes) use ($guide, $request): void {
            $changes->delete($guide, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
