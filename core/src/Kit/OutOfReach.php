<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** What would come next if the budget reached for it, and what it does buy of the way there. */
final readonly class OutOfReach
{
    /**
     * @param  Rung  $rung  all of it, in the order to get it
     * @param  float  $short  what the budget is short of
     * @param  Offer|null  $borrow  a tool that nothing else needs and without which the rest would be in reach
     * @param  Rung|null  $meanwhile  what of it the budget buys that is of use; null: nothing
     */
    public function __construct(
        public PlannedWork $work,
        public int $floor,
        public Rung $rung,
        public float $short,
        public ?Offer $borrow,
        public ?Rung $meanwhile,
    ) {
    }
}
