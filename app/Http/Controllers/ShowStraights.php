<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\StraightResource;
use App\Models\Bench;
use App\Models\Straight;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowStraights
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $straights = $bench->straights()->with('tests')->get()->sortBy(static fn (Straight $straight): array => [$straight->due() === null, -$straight->length_mm])->values();

        return new JsonResponse(['straights' => $straights->map(static fn (Straight $straight): array => StraightResource::of($straight, $format))->all()]);
    }
}
