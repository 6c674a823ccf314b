<?php

declare(strict_types=1);

namespace App\Calendar;

/** One thing to do on a day. */
final readonly class CalendarDay
{
    /**
     * @param  string  $key  the same for the same thing each time it is written, so that a calendar moves it
     *     instead of doubling it
     * @param  string  $day  2026-11-25
     */
    public function __construct(public string $key, public string $day, public string $says, public string $why)
    {
    }
}
