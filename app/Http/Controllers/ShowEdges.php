<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\EdgeResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Measure\LengthFormatter;

final class ShowEdges
{
    /** Worst first. */
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $edges = $bench->edges()->with('tool')->get()
            ->sortBy(static fn (Edge $edge): array => [EdgeNeed::badness($edge->condition), $edge->name])->values();

        return new JsonResponse([
            'edges' => $edges->map(static fn (Edge $edge): array => EdgeResource::of($edge, $format))->all(),
        ]);
    }
}
