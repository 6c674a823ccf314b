<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** One rung as a person climbs it: what is got or made together, what it lifts, what it unlocks, and by when. */
final readonly class Rung
{
    /**
     * @param  int  $stage  which stage it is part of, from 1; 0: what is possible already
     * @param  list<Offer>  $tools  what others need comes first, then what lifts most for its price
     * @param  int  $minutes  of making what is made
     * @param  list<Lift>  $lifts
     * @param  list<Reached>  $reached  on the last rung of a stage
     * @param  string|null  $month  when the monthly budget reaches it, as 2026-12; null without one
     * @param  bool  $late  whether a work it unlocks was wanted earlier
     */
    public function __construct(
        public int $stage,
        public array $tools,
        public float $cost,
        public float $from,
        public float $to,
        public int $minutes,
        public array $lifts,
        public array $reached,
        public ?string $month = null,
        public bool $late = false,
    ) {
    }
}
