<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\CuttingOfBench;
use App\Bench\KitOfBench;
use App\Http\Requests\PlanRequest;
use App\Http\Resources\PlanResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\PlanKind;

/** A plan with its sizes chosen: drawing, cutting list, steps, and what the kit lacks for it; writes nothing. */
final class PreviewPlan
{
    public function __invoke(PlanRequest $request, Bench $bench, PlanKind $plan, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($plan, $format);

        return new JsonResponse(PlanResource::preview($sheet, new CuttingOfBench($bench, $sheet, $request->chosen(), $format), new KitOfBench($bench), $format));
    }
}
