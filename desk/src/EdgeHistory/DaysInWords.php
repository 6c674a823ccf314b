<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

/** A stretch of days as one would say it. */
final class DaysInWords
{
    public static function about(float $days): string
    {
        return match (true) {
            $days < 1.5 => 'a day',
            $days < 11 => round($days).' days',
            $days < 60 => round($days / 7).' weeks',
            $days < 700 => round($days / 30.44).' months',
            default => round($days / 365.25).' years',
        };
    }
}
