<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Progress;
use App\Http\Requests\ImportRequest;
use App\Http\Resources\ImportResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a file would bring; writes nothing. */
final class PreviewImport
{
    public function __invoke(ImportRequest $request, Bench $bench, string $what): JsonResponse|StreamedResponse
    {
        return Progress::answer($request, static fn (callable $told): array => ImportResource::of($request->import($bench, $what, $told)));
    }
}
