<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\EdgeResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowEdges
{
    /** Worst first. */
    private const ORDER = ['nicked', 'fresh-grind', 'dull', 'back', 'touch-up', Edge::SHARP];

    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $edges = $bench->edges()->with('tool')->get()
            ->sortBy(static fn (Edge $edge): array => [array_search($edge->condition, self::ORDER, true), $edge->name])->values();
        $rack = $bench->stones()->get()->map(EdgeResource::stone(...))->sortByDesc('particleUm')->values();

        return new JsonResponse([
            'edges' => $edges->map(static fn (Edge $edge): array => EdgeResource::of($edge, $format))->all(),
            'rack' => $rack->all(),
        ]);
    }
}
