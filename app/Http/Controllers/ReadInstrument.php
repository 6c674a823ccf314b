<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\InstrumentAtHand;
use App\Http\Requests\InstrumentRequest;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Truing\InstrumentLine;

/** One reading from the user's instrument, at a place along the reference. */
final class ReadInstrument
{
    public function __invoke(InstrumentRequest $request, User $user): JsonResponse
    {
        $typed = InstrumentAtHand::of($user)->reads(['at' => $request->atMm()], static fn (InstrumentLine $line): string => $line->typed());

        return new JsonResponse(['typed' => $typed]);
    }
}
