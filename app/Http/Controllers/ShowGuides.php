<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\GuideResource;
use App\Models\Bench;
use App\Models\Guide;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowGuides
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(['guides' => array_values($bench->guides()->oldest('id')->get()->map(static fn (Guide $guide): array => GuideResource::of($guide, $format))->all())]);
    }
}
