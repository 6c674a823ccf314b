<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\InstrumentAtHand;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Truing\InstrumentLine;

/** The air as the user's hygrometer reads it now. */
final class ReadAir
{
    public function __invoke(User $user): JsonResponse
    {
        $instrument = InstrumentAtHand::of($user);
        $hour = (float) Carbon::now()->hour;

        return new JsonResponse([
            'temperature' => $instrument->reads(['at' => $hour, 'of' => 'temperature'], static fn (InstrumentLine $line): string => $line->ofAir('°C')),
            'humidity' => $instrument->reads(['at' => $hour], static fn (InstrumentLine $line): string => $line->ofAir('%')),
        ]);
    }
}
