<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ThreeEdgesResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** What a test of three edges begins with. */
final class ShowThreeEdges
{
    public function __invoke(LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ThreeEdgesResource::page($format));
    }
}
