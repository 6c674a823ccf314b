<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;

final class TakeImport
{
    public function __invoke(ImportRequest $request, Ledger $ledger, string $what): JsonResponse
    {
        $entry = $request->import($ledger->bench, $what)->take($ledger);

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
