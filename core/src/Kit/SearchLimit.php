<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** How long may be searched: computing time of this process, which other work on the machine does not shorten. */
final class SearchLimit
{
    /** Asking the clock costs more than most nodes do. */
    private const NODES_A_LOOK = 16;

    private int $nodes = 0;

    private ?float $until = null;

    private bool $isReached = false;

    /** @param  float  $seconds  0 or more */
    public function __construct(private readonly float $seconds)
    {
    }

    /** Counts one node; true when no more may be opened. */
    public function oneMore(): bool
    {
        if ($this->nodes++ % self::NODES_A_LOOK === 0) {
            $this->until ??= self::used() + $this->seconds;
            $this->isReached = $this->isReached || self::used() >= $this->until;
        }

        return $this->isReached;
    }

    /** Computing time of this process so far, s; where the system does not tell it, nothing is limited. */
    private static function used(): float
    {
        /** @var array<string, int>|false $usage */
        $usage = getrusage();

        return $usage === false
            ? 0.0
            : $usage['ru_utime.tv_sec'] +
                    $usage['ru_stime.tv_sec'] +
                    ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
    }
}
