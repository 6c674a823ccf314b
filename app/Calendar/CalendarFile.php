<?php

declare(strict_types=1);

namespace App\Calendar;

use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;

/** Days as an iCalendar file (RFC 5545): one event for each, all day long, with a stable name. */
final class CalendarFile
{
    /** @param  list<CalendarDay>  $days */
    public static function write(string $name, array $days): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Jack Rest//checks and sharpenings//EN', 'X-WR-CALNAME' => $name]);
        $now = Carbon::now()->toDateTime();
        foreach ($days as $day) {
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "{$day->key}@jack-rest",
                'DTSTAMP' => $now,
                'SUMMARY' => $day->says,
                'DESCRIPTION' => $day->why,
                'TRANSP' => 'TRANSPARENT',
            ], false);
            $event->add('DTSTART', str_replace('-', '', $day->day), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
