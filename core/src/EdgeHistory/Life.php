<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

/** An edge's life out of its diary: the spans between sharpenings, and how far it is into the present one. */
final readonly class Life
{
    /**
     * @param  list<Span>  $spans  ended ones, oldest first
     * @param  float  $now  of the present span, in the clock's unit
     * @param  float|null  $perDay  minutes of use a day lately, weighed by wood; null: not known
     */
    public function __construct(public Clock $clock, public array $spans, public float $now, public ?float $perDay)
    {
    }

    /**
     * @param  list<EdgeEntry>  $events  oldest first
     * @param  string  $today  ISO date
     */
    public static function of(array $events, string $today): self
    {
        return LifeSoFar::of($events, $today)->on($today);
    }

    /** Days between two ISO times, by their dates. */
    public static function days(string $from, string $to): float
    {
        return (float) (self::dayNumber($to) - self::dayNumber($from));
    }

    /** Days since a fixed day (the Julian day number of the Gregorian calendar: Fliegel and van Flandern, 1968). */
    public static function dayNumber(string $iso): int
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', substr($iso, 0, 10)));
        $a = intdiv(14 - $month, 12);
        $y = $year + 4800 - $a;
        $m = $month + 12 * $a - 3;

        return $day + intdiv(153 * $m + 2, 5) + 365 * $y + intdiv($y, 4) - intdiv($y, 100) + intdiv($y, 400) - 32045;
    }
}
