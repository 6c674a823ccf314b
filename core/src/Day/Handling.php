<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/** What it costs to take up another edge, and to set the guide for it; from memory. */
final readonly class Handling
{
    public function __construct(public float $takeUpSeconds, public float $resetSeconds)
    {
    }

    /** What one edge takes by itself: taken up once, the guide set for it once. */
    public function onceSeconds(): float
    {
        return $this->takeUpSeconds + $this->resetSeconds;
    }

    public static function freehand(): self
    {
        return new self(5, 0);
    }

    /** Clamping square takes longer than picking up; another angle is found on the projection board. */
    public static function withGuide(): self
    {
        return new self(15, 20);
    }
}
