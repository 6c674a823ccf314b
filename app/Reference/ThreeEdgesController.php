<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Three edges tested against each other. */
final class ThreeEdgesController
{
    /** What a test of three edges begins with. */
    public function show(LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ThreeEdgesResource::page($format));
    }

    /** Three edges against each other as far as they have been read; writes nothing. */
    public function preview(ThreeEdgesFormRequest $request, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ThreeEdgesResource::preview($request->sheet($format), $format));
    }
}
