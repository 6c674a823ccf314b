<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\MakingResource;
use App\Models\Making;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowMaking
{
    public function __invoke(Making $making, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(MakingResource::of($making->load('tool'), $format));
    }
}
