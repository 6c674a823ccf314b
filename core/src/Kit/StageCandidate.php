<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** What a work would ask next: its lowest floor not met, and the cheapest tools for it. */
final readonly class StageCandidate
{
    /** Sums of prices that differ by less are the same: what is left is rounding. */
    private const ROUNDING = 1e-9;

    /**
     * @param  int  $place  of its floor among the floors, from 1
     * @param  list<string>  $buy
     * @param  array<string, true>  $tools  every tool that could be part of its plan, as keys
     */
    public function __construct(
        public StageWork $work,
        public float $floor,
        public int $place,
        public array $buy,
        public float $cost,
        public array $tools,
    ) {
    }

    /** The least cost by place and weight; on a tie the lower floor. */
    public function comesBefore(self $other): bool
    {
        $mine = $this->rank();
        $its = $other->rank();

        return abs($mine - $its) > self::ROUNDING * max($mine, $its)
            ? $mine < $its
            : $this->place < $other->place;
    }

    private function rank(): float
    {
        return ($this->cost * $this->place) / $this->work->weight;
    }
}
