<?php

declare(strict_types=1);

namespace App\Instrument;

use App\Bench\User;
use App\Instrument\Answer\AirReadAnswer;
use App\Instrument\Answer\InstrumentReadingAnswer;
use Illuminate\Support\Carbon;
use JackRest\Core\Truing\InstrumentLine;

/** Readings of an instrument that answers at an address of this machine. */
final class InstrumentController
{
    /** One reading from the user's instrument, at a place along the reference. */
    public function read(InstrumentRequest $request, User $user): InstrumentReadingAnswer
    {
        $typed = InstrumentAtHand::of($user)->reads(
            ['at' => $request->atMm()],
            static fn (InstrumentLine $line): string => $line->typed(),
        );

        return new InstrumentReadingAnswer(typed: $typed);
    }

    /** The air as the user's hygrometer reads it now. */
    public function air(User $user): AirReadAnswer
    {
        $instrument = InstrumentAtHand::of($user);
        $hour = (float) Carbon::now()->hour;

        return new AirReadAnswer(
            temperature: $instrument->reads(
                ['at' => $hour, 'of' => 'temperature'],
                static fn (InstrumentLine $line): string => $line->ofAir('°C'),
            ),
            humidity: $instrument->reads(
                ['at' => $hour],
                static fn (InstrumentLine $line): string => $line->ofAir('%'),
            ),
        );
    }
}
