<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Work;
use Illuminate\Http\JsonResponse;

final class RemoveWork
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Work $work): JsonResponse
    {
        $entry = $ledger->record('work-removed', $work->name, "Gave up the work: {$work->name}.", static function (Changes $changes) use ($work, $request): void {
            $changes->delete($work, $request->version());
        });

        return new JsonResponse(['entry' => DiaryResource::entry($entry->load('undoneBy')), 'loses' => []]);
    }
}
