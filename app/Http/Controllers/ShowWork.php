<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Resources\WorkResource;
use App\Models\Bench;
use App\Models\Work;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowWork
{
    public function __invoke(Bench $bench, Work $work, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(WorkResource::page($work, new KitOfBench($bench), $format));
    }
}
