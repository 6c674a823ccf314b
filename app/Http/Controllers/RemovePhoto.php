<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Photo;
use Illuminate\Http\JsonResponse;

final class RemovePhoto
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Photo $photo): JsonResponse
    {
        $entry = $ledger->record('photo-removed', 'photograph', 'Took a photograph away.', static fn (Changes $changes) => $changes->delete($photo, $request->version()));

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
