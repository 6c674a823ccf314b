<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KnownSquares;
use App\Http\Requests\KnownSheetRequest;
use App\Http\Resources\KnownResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Squares beside a known one as far as they have been read; writes nothing. */
final class PreviewKnown
{
    public function __invoke(KnownSheetRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(KnownResource::preview($request->sheet(new KnownSquares($bench), $format)));
    }
}
