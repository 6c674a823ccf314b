<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Resources\LadderResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowLadder
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(LadderResource::of(new KitOfBench($bench)));
    }
}
