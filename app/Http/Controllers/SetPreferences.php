<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PreferencesRequest;
use App\Models\Bench;
use App\Models\User;
use Illuminate\Http\JsonResponse;

final class SetPreferences
{
    public function __invoke(PreferencesRequest $request, User $user, Bench $bench): JsonResponse
    {
        $user->fill($request->preferences())->save();

        return (new ShowPulse)($bench, $user);
    }
}
