<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SquareResource;
use App\Models\Square;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowSquare
{
    public function __invoke(Square $square, User $user, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(SquareResource::page($square->load('tests'), $user, $format));
    }
}
