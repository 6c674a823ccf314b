<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\CareResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowCare
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(CareResource::of($bench));
    }
}
