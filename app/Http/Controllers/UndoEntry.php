<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\DiaryResource;
use App\Ledger\Ledger;
use App\Models\DiaryEntry;
use Illuminate\Http\JsonResponse;

final class UndoEntry
{
    public function __invoke(Ledger $ledger, DiaryEntry $entry): JsonResponse
    {
        return new JsonResponse(DiaryResource::entry($ledger->undo($entry)->load('undoneBy')), 201);
    }
}
