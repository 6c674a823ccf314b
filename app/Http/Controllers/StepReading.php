<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StepRequest;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** An arrow key in a field: one step of the instrument's resolution up or down. */
final class StepReading
{
    public function __invoke(StepRequest $request, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(['typed' => $request->stepped($format)]);
    }
}
