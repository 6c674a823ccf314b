<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\EdgeResource;
use App\Models\Bench;
use App\Models\Edge;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowEdge
{
    private const LATEST = 6;

    public function __invoke(Bench $bench, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $diary = $bench->diary()->with('undoneBy')->where('subject', $edge->name)->latest('id');
        $diary->limit(self::LATEST);
        $running = Sessions::running($bench, $edge);

        return new JsonResponse(EdgeResource::page($edge->load('tool'), $running, array_values($diary->get()->all()), $format));
    }
}
