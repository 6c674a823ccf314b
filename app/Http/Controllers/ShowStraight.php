<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\StraightResource;
use App\Models\Straight;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowStraight
{
    public function __invoke(Straight $straight, User $user, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(StraightResource::page($straight->load('tests'), $user, $format));
    }
}
