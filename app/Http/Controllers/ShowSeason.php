<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeasonRequest;
use App\Http\Resources\SeasonResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowSeason
{
    public function __invoke(SeasonRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(SeasonResource::of($bench, $request->thickness(), $format));
    }
}
