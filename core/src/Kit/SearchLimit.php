<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** How long may be searched: computing time of this process, which other work on the machine does not shorten. */
final class SearchLimit
{
    /** How often it was asked: how much was searched, on whatever machine. */
    public int $looks = 0;

    private readonly float $until;

    private bool $isReached = false;

    /** @param  float  $seconds  0 or more, from now */
    public function __construct(float $seconds)
    {
        $this->until = self::used() + $seconds;
    }

    /** Whether no more may be searched; to be asked again and again. */
    public function isOver(): bool
    {
        $this->looks++;

        return $this->isReached = $this->isReached || self::used() >= $this->until;
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
