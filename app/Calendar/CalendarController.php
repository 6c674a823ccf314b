<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Bench\Bench;
use Illuminate\Http\Response;

/** Checks and sharpenings as a calendar file. */
final class CalendarController
{
    /** Checks, sharpenings and rests as iCalendar. */
    public function show(Bench $bench): Response
    {
        return new Response(CalendarFile::write($bench->name, (new CalendarOfBench($bench))->days()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="jack-rest.ics"',
        ]);
    }
}
