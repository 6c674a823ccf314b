<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SawResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowSaw
{
    public function __invoke(Bench $bench, Tool $saw, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(SawResource::page($bench, $saw, $format));
    }
}
