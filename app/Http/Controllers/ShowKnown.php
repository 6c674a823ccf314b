<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KnownSquares;
use App\Http\Resources\KnownResource;
use App\Models\Bench;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** What a comparison with a known square begins with. */
final class ShowKnown
{
    public function __invoke(Bench $bench, User $user, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(KnownResource::page(new KnownSquares($bench), $user, $format));
    }
}
