<?php

declare(strict_types=1);

namespace Bench;

/**
 * What other machines on the same hardware take of this one's time ("steal" in /proc/stat, see proc(5)): while they
 * do, everything here takes longer, and a limit that is passed says little.
 */
final class OthersTime
{
    /** Up to here a machine counts as quiet, per cent; from memory of many runs. */
    public const QUIET_PCT = 5.0;

    private const STEAL = 7;

    /** Guest time is counted under user time as well. */
    private const COUNTED = 8;

    /** @var array{float, float} ticks taken by others, and all */
    private array $from;

    public function __construct()
    {
        $this->from = self::now();
    }

    /** Per cent of this machine's time since this was made; null: it does not tell, or no time has gone by. */
    public function pct(): ?float
    {
        [$taken, $all] = self::now();
        $time = $all - $this->from[1];

        return $time > 0 ? 100 * ($taken - $this->from[0]) / $time : null;
    }

    public function isQuiet(): bool
    {
        return ($this->pct() ?? 0.0) <= self::QUIET_PCT;
    }

    /** @return array{float, float} */
    private static function now(): array
    {
        $line = is_readable('/proc/stat') ? (string) strtok((string) file_get_contents('/proc/stat'), "\n") : '';
        $words = explode(' ', (string) preg_replace('/\s+/', ' ', $line));
        $ticks = array_map(floatval(...), array_slice($words, 1, self::COUNTED));

        return [$ticks[self::STEAL] ?? 0.0, array_sum($ticks)];
    }
}
