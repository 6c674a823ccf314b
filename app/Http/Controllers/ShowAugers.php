<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\AugersOfBench;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

final class ShowAugers
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(['sets' => array_values(AugersOfBench::of($bench)->map(static fn (Tool $set): array => ['id' => $set->id, 'name' => $set->name])->all())]);
    }
}
