<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Resources\AlternativesResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowAlternatives
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(AlternativesResource::of(new KitOfBench($bench)));
    }
}
