<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

use JackRest\Core\Edge\HoningStone;

/** One stone, taken out once, with the edges that go over it in their order. */
final readonly class Round
{
    /** @param  non-empty-list<Visit>  $visits */
    public function __construct(public HoningStone $stone, public array $visits)
    {
    }

    /** Seconds of strokes and of fetching the stone. */
    public function seconds(): float
    {
        return $this->stone->changeSeconds +
            array_sum(array_map(static fn (Visit $visit): float => $visit->step->seconds, $this->visits));
    }

    /** @param  non-empty-list<Visit>  $visits */
    public function inOrder(array $visits): self
    {
        return new self($this->stone, $visits);
    }
}
