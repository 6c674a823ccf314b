<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** A stretch of which the log knows nothing, in days since 1970. */
final readonly class Gap
{
    public function __construct(public float $from, public float $until)
    {
    }

    public function days(): float
    {
        return $this->until - $this->from;
    }
}
