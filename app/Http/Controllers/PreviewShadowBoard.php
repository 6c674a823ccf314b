<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShadowBoardSheetRequest;
use App\Http\Resources\ShadowBoardResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Where each tool would hang, and what would not fit; writes nothing. */
final class PreviewShadowBoard
{
    public function __invoke(ShadowBoardSheetRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ShadowBoardResource::preview($request->sheet($bench, $format)));
    }
}
