<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\IdleOfBench;
use App\Bench\KitOfBench;
use App\Http\Resources\IdleResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

/** What is used, what is not, and what could go. */
final class ShowIdle
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(IdleResource::of(new IdleOfBench($bench, new KitOfBench($bench))));
    }
}
