<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CurveRequest;
use App\Http\Resources\CurveResource;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** How many strokes at each place make a curve; writes nothing. */
final class PreviewCurve
{
    public function __invoke(CurveRequest $request, Bench $bench, Edge $edge, LengthFormatter $format): JsonResponse
    {
        abort_unless($edge->form->mayBeCurved(), 404);

        return new JsonResponse(CurveResource::preview($request->sheet($bench, $edge, $format)));
    }
}
