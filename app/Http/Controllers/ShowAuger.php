<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\AugerResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowAuger
{
    public function __invoke(Bench $bench, Tool $auger, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(AugerResource::page($bench, $auger, $format));
    }
}
