<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** One day of the log, or several on end: means over all its readings, and how far the humidity swung. */
final readonly class DayOfAir
{
    /**
     * @param  int  $day  the first, days since 1970
     * @param  int  $readings  how many it is the mean of, 1 or more
     * @param  float  $restPct  moisture at which wood would come to rest, mean of the day
     * @param  int  $until  the last, the same day where it is one
     */
    public function __construct(
        public int $day,
        public int $readings,
        public float $tempC,
        public float $rhPct,
        public float $lowRhPct,
        public float $highRhPct,
        public float $restPct,
        public int $until,
    ) {
    }

    /** @param  non-empty-list<self>  $days */
    public static function together(array $days): self
    {
        if (count($days) === 1) {
            return $days[0];
        }
        $readings = $temperature = $humidity = $rest = 0;
        foreach ($days as $one) {
            $readings += $one->readings;
            $temperature += $one->readings * $one->tempC;
            $humidity += $one->readings * $one->rhPct;
            $rest += $one->readings * $one->restPct;
        }

        return new self(
            min(array_map(static fn (self $one): int => $one->day, $days)),
            $readings,
            $temperature / $readings,
            $humidity / $readings,
            min(array_map(static fn (self $one): float => $one->lowRhPct, $days)),
            max(array_map(static fn (self $one): float => $one->highRhPct, $days)),
            $rest / $readings,
            max(array_map(static fn (self $one): int => $one->until, $days)),
        );
    }
}
