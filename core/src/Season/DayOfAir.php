<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** One day of the log: its means, and how far the humidity swung. */
final readonly class DayOfAir
{
    /** @param  float  $restPct  moisture at which wood would come to rest, mean of the day */
    public function __construct(
        public int $day,
        public float $tempC,
        public float $rhPct,
        public float $lowRhPct,
        public float $highRhPct,
        public float $restPct,
    ) {
    }
}
