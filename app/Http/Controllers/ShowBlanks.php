<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShelfRequest;
use App\Http\Resources\BlankResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowBlanks
{
    public function __invoke(ShelfRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(BlankResource::shelf($bench, $request->wanted($format), $format));
    }
}
