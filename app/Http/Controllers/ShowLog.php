<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\OutlookOfBench;
use App\Http\Resources\LogResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** An edge's own diary, and what follows from it. */
final class ShowLog
{
    public function __invoke(Bench $bench, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $outlook = new OutlookOfBench($bench);

        return new JsonResponse((new LogResource($bench, $format))->of($edge->load('tool'), $outlook->forecasts[$edge->id], $outlook->stories[$edge->id] ?? []));
    }
}
