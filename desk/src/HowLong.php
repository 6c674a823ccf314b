<?php

declare(strict_types=1);

namespace JackRest\Desk;

/** Minutes as somebody says them: 40 minutes; 6½ hours; 31 hours. */
final class HowLong
{
    /** From here on nobody counts in minutes; from memory. */
    public const HOURS_FROM = 90;

    public static function of(float $minutes): string
    {
        if ($minutes < self::HOURS_FROM) {
            return Count::of((int) max(1, round($minutes)), 'minute');
        }
        $halves = (int) round($minutes / 30);

        return match (true) {
            $halves >= 20 => intdiv($halves + 1, 2).' hours',
            $halves % 2 === 1 => intdiv($halves, 2).'½ hours',
            default => intdiv($halves, 2).' hours',
        };
    }
}
