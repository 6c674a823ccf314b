<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PreferencesRequest;
use App\Models\Bench;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class SetPreferences
{
    public function __invoke(PreferencesRequest $request, User $user, Bench $bench, LengthFormatter $format): JsonResponse
    {
        $user->fill($request->preferences($format))->save();

        return (new ShowPulse)($bench, $user);
    }
}
