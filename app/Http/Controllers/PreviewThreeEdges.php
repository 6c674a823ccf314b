<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ThreeEdgesSheetRequest;
use App\Http\Resources\ThreeEdgesResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Three edges against each other as far as they have been read; writes nothing. */
final class PreviewThreeEdges
{
    public function __invoke(ThreeEdgesSheetRequest $request, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ThreeEdgesResource::preview($request->sheet($format), $format));
    }
}
