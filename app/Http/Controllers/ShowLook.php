<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\LookOverResource;
use App\Models\LookOver;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowLook
{
    public function __invoke(LookOver $look, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(LookOverResource::page($look->load('photos'), $format));
    }
}
