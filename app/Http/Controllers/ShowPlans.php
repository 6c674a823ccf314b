<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\PlanResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowPlans
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(PlanResource::all($bench, $format));
    }
}
