<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** One rung as a person climbs it: one tool or several bought together, or one made; what it unlocks, and by when. */
final readonly class Rung
{
    /**
     * @param  list<Offer>  $tools  what is needed first comes first
     * @param  list<PlannedWork>  $unlocks
     * @param  string|null  $month  when the monthly budget reaches it, as 2026-12; null without one
     * @param  bool  $late  whether a work it unlocks was wanted earlier
     */
    public function __construct(
        public array $tools,
        public bool $made,
        public float $cost,
        public float $from,
        public float $to,
        public int $minutes,
        public array $unlocks,
        public ?string $month = null,
        public bool $late = false,
    ) {
    }
}
