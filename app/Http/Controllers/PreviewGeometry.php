<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GeometrySheetRequest;
use App\Http\Resources\GeometryResource;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** What an edge's figures make together; writes nothing. */
final class PreviewGeometry
{
    public function __invoke(GeometrySheetRequest $request, Edge $edge, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(GeometryResource::preview($request->sheet($edge, $format), $format));
    }
}
