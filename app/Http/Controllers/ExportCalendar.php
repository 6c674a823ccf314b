<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\CalendarOfBench;
use App\Files\CalendarFile;
use App\Models\Bench;
use Illuminate\Http\Response;

/** Checks, sharpenings and rests as iCalendar. */
final class ExportCalendar
{
    public function __invoke(Bench $bench): Response
    {
        return new Response(CalendarFile::write($bench->name, (new CalendarOfBench($bench))->days()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="jack-rest.ics"',
        ]);
    }
}
