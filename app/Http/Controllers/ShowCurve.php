<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\CurveResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowCurve
{
    public function __invoke(Bench $bench, Edge $edge, LengthFormatter $format): JsonResponse
    {
        abort_unless($edge->form->mayBeCurved(), 404);

        return new JsonResponse(CurveResource::page($bench, $edge->load('tool'), $format));
    }
}
