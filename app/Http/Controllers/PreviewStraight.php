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
        $sheet = $request->sheet($straight, $format);

        return new JsonResponse(StraightResource::preview($sheet, $straight->learntShavingMm($sheet), $format));
    }
}
