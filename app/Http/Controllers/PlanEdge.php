<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\RackOfBench;
use App\Http\Requests\EdgeSheetRequest;
use App\Http\Resources\EdgePlanResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** The plan for an edge as far as it has been described; writes nothing. */
final class PlanEdge
{
    public function __invoke(EdgeSheetRequest $request, Bench $bench, Edge $edge, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(EdgePlanResource::of($request->sheet($edge, $bench, $format), $edge->primary_deg, (new RackOfBench($bench))->forPlan(), $format));
    }
}
