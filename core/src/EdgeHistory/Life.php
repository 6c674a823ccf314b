<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Timber\Hardness;

/** An edge's life out of its diary: the spans between sharpenings, and how far it is into the present one. */
final readonly class Life
{
    /** What is used a day is taken from so many days back; from memory. */
    private const LATELY_DAYS = 90;

    /**
     * @param  list<Span>  $spans  ended ones, oldest first
     * @param  float  $now  of the present span, in the clock's unit
     * @param  float|null  $perDay  minutes of use a day lately, weighed by wood; null: not known
     */
    private function __construct(public Clock $clock, public array $spans, public float $now, public ?float $perDay)
    {
    }

    /**
     * @param  list<EdgeEntry>  $events  oldest first
     * @param  string  $today  ISO date
     */
    public static function of(array $events, string $today): self
    {
        $used = array_values(
            array_filter(
                $events,
                static fn (EdgeEntry $event): bool => $event->kind === EdgeEntryKind::Used && $event->minutes !== null,
            ),
        );
        $clock = count($used) >= 2 ? Clock::Minutes : Clock::Days;
        $spans = [];
        $at = 0.0;
        $since = null;
        foreach ($events as $event) {
            $at += $clock === Clock::Minutes ? self::wear($event) : 0.0;
            if (! $event->kind->renews()) {
                continue;
            }
            $at = $clock === Clock::Days && $since !== null ? self::days($since, $event->at) : $at;
            if ($at > 0.0 && $since !== null) {
                $spans[] = new Span($at, $event->stone, $event->at);
            }
            [$at, $since] = [0.0, $event->at];
        }
        $now = $clock === Clock::Days ? ($since === null ? 0.0 : self::days($since, $today)) : $at;

        return new self($clock, $spans, $now, self::perDay($used, $today));
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

    /** Minutes as they blunt: harder wood counts more; from memory. */
    private static function wear(EdgeEntry $event): float
    {
        return $event->kind !== EdgeEntryKind::Used
            ? 0.0
            : (float) $event->minutes *
                    match ($event->wood) {
                        Hardness::Soft => 0.75,
                        Hardness::Hard => 1.5,
                        default => 1.0,
                    };
    }

    /**
     * Over the last 90 days, or since the first use where that is later; a week at least.
     *
     * @param  list<EdgeEntry>  $used
     */
    private static function perDay(array $used, string $today): ?float
    {
        // Days as they are written compare as days do, and there are thousands of them.
        [$year, $month, $day] = array_map(intval(...), explode('-', substr($today, 0, 10)));
        $before = gmdate('Y-m-d', (int) gmmktime(0, 0, 0, $month, $day - self::LATELY_DAYS, $year));
        $lately = array_values(
            array_filter($used, static fn (EdgeEntry $event): bool => substr($event->at, 0, 10) > $before),
        );
        if ($lately === []) {
            return null;
        }
        $days = max(7.0, min((float) self::LATELY_DAYS, self::days($used[0]->at, $today)));

        return array_sum(array_map(self::wear(...), $lately)) / $days;
    }
}
