<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StraightSheetRequest;
use App\Http\Resources\StraightResource;
use App\Models\Straight;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A straightedge's test as far as it has been typed; writes nothing. */
final class PreviewStraight
{
    public function __invoke(StraightSheetRequest $request, Straight $straight, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(StraightResource::preview($request->sheet($straight, $format), $format));
    }
}
