<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\WindingResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** What a test with winding sticks begins with: the user's own sticks. */
final class ShowWinding
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(WindingResource::page($bench, $format));
    }
}
