<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Bench;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** Whether anything changed since: asked every few seconds by every open window. */
final class ShowPulse
{
    public function __invoke(Bench $bench, User $user): JsonResponse
    {
        return new JsonResponse([
            'revision' => $bench->revision,
            'unit' => $user->unit->value,
            'ground' => $user->ground,
            'bench' => $bench->name,
            'instrumentUrl' => $user->instrument_url,
        ]);
    }
}
