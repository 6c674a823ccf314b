<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GuideSheetRequest;
use App\Http\Resources\GuideResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Where a guide's axle lies and how far blades stand out of it; writes nothing. */
final class PreviewGuide
{
    public function __invoke(GuideSheetRequest $request, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(GuideResource::preview($request->sheet($format)));
    }
}
