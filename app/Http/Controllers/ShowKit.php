<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Resources\KitResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowKit
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(KitResource::of(new KitOfBench($bench)));
    }
}
