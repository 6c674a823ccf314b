<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Progress;
use App\Http\Requests\ImportRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class TakeImport
{
    public function __invoke(ImportRequest $request, Ledger $ledger, string $what): JsonResponse|StreamedResponse
    {
        return Progress::answer($request, static fn (callable $told): array => DiaryResource::entry($request->import($ledger->bench, $what, $told)->take($ledger)->load('undoneBy')), 201);
    }
}
