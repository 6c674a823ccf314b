<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\GeometryResource;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowGeometry
{
    public function __invoke(Edge $edge, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(GeometryResource::page($edge->load('tool'), $format));
    }
}
