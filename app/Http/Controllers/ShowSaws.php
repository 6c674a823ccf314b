<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\SawsOfBench;
use App\Http\Resources\SawResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowSaws
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(['saws' => array_values(SawsOfBench::of($bench)->map(static fn (Tool $saw): array => SawResource::listed($saw, $format))->all())]);
    }
}
