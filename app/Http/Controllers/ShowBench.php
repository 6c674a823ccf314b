<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Bench\ReadinessOfBench;
use App\Bench\UpkeepOfBench;
use App\Http\Resources\BenchResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowBench
{
    private const LATEST = 4;

    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $kit = new KitOfBench($bench);
        $diary = $bench->diary()->with('undoneBy')->latest('id');
        $diary->limit(self::LATEST);

        return new JsonResponse(BenchResource::of($kit->nextWork(), (new ReadinessOfBench($bench, $kit, $format))->readiness(), (new UpkeepOfBench($bench))->lines(), array_values($diary->get()->all()), $format));
    }
}
