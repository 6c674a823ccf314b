<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ReferenceResource;
use App\Models\Reference;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowReference
{
    public function __invoke(Reference $reference, User $user, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ReferenceResource::page($reference->load('tests'), $user, $format));
    }
}
