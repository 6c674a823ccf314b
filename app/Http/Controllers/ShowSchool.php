<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SchoolResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;

final class ShowSchool
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(SchoolResource::of($bench->kitSettingsNow()));
    }
}
