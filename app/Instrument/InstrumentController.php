<?php

declare(strict_types=1);

namespace App\Instrument;

use App\Bench\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Truing\InstrumentLine;

/** Readings of an instrument that answers at an address of this machine. */
final class InstrumentController
{
    /** One reading from the user's instrument, at a place along the reference. */
    public function read(InstrumentRequest $request, User $user): JsonResponse
    {
        $typed = InstrumentAtHand::of($user)->reads(
            ['at' => $request->atMm()],
            static fn (InstrumentLine $line): string => $line->typed(),
        );

        return new JsonResponse(['typed' => $typed]);
    }

    /** The air as the user's hygrometer reads it now. */
    public function air(User $user): JsonResponse
    {
        $instrument = InstrumentAtHand::of($user);
        $hour = (float) Carbon::now()->hour;

        return new JsonResponse([
            'temperature' => $instrument->reads(
                ['at' => $hour, 'of' => 'temperature'],
                static fn (InstrumentLine $line): string => $line->ofAir('°C'),
            ),
            'humidity' => $instrument->reads(
                ['at' => $hour],
                static fn (InstrumentLine $line): string => $line->ofAir('%'),
            ),
        ]);
    }
}
