<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SessionResource;
use App\Models\BenchSession;
use Illuminate\Http\JsonResponse;

final class ShowSession
{
    public function __invoke(BenchSession $session): JsonResponse
    {
        return new JsonResponse(SessionResource::of($session->load('edge', 'squareTest.square', 'straightTest.straight', 'making.tool')));
    }
}
