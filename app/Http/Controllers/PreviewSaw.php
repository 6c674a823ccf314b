<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\SawsOfBench;
use App\Http\Requests\SawSheetRequest;
use App\Http\Resources\SawResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A saw's teeth, its file and its plan; writes nothing. */
final class PreviewSaw
{
    public function __invoke(SawSheetRequest $request, Bench $bench, Tool $saw, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(SawResource::preview($request->sheet($saw, $format), $request->template($format), SawsOfBench::blades($bench), $format));
    }
}
