<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Reference;
use Illuminate\Http\JsonResponse;

final class RemoveReference
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Reference $reference): JsonResponse
    {
        $entry = $ledger->record('reference-removed', $reference->name, "Took the {$reference->name} from the references.", static function (Changes $changes) use ($reference, $request): void {
            $changes->delete($reference, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
