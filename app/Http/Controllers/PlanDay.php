<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\DayOfBench;
use App\Http\Requests\DayRequest;
use App\Http\Resources\DayResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Measure\LengthFormatter;

/** What a sharpening day of these edges would be; with none named, of all that are due. Writes nothing. */
final class PlanDay
{
    public function __invoke(DayRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        $day = new DayOfBench($bench, $format);
        $all = $bench->edges()->get()->toBase()->sortBy(static fn (Edge $edge): array => [EdgeNeed::badness($edge->condition), $edge->name])->values();
        $chosen = $request->edges($bench, $day->due);
        $plan = $day->plan($chosen);

        return new JsonResponse(DayResource::of($day, $all, array_values($chosen->map(static fn (Edge $edge): int => $edge->id)->all()), $plan));
    }
}
