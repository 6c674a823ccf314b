<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Resources\WorkResource;
use App\Models\Bench;
use App\Models\Work;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;

final class ShowWorks
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $kit = new KitOfBench($bench);

        return new JsonResponse([
            'works' => $kit->works->map(static fn (Work $work): array => WorkResource::line($work, $kit))->all(),
            'patterns' => array_values(array_map(static fn (Pattern $pattern): array => WorkResource::pattern($pattern, $format), Patterns::all())),
        ]);
    }
}
