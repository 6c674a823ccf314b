<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesPerYear;
use App\Bench\RackOfBench;
use App\Http\Resources\RackResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowRack
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(RackResource::of(new RackOfBench($bench), EdgesPerYear::of($bench)));
    }
}
