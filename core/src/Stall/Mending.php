<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/**
 * What it takes to put something right: minutes at the bench and what is bought for it. Invented round figures, from
 * memory.
 */
final readonly class Mending
{
    public function __construct(public string $says, public int $minutes, public float $cost = 0.0)
    {
    }

    /** What that is worth to somebody whose hour is worth so much. */
    public function price(float $perHour): float
    {
        return $this->cost + ($this->minutes / 60) * $perHour;
    }
}
