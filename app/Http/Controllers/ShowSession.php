<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SessionResource;
use App\Models\HoningSession;
use Illuminate\Http\JsonResponse;

final class ShowSession
{
    public function __invoke(HoningSession $session): JsonResponse
    {
        return new JsonResponse(SessionResource::of($session->load('edge')));
    }
}
