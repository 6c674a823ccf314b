<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Work\Task;

/** A tool the plan asks for: what it opens, and what the next best plan without it would be. */
final readonly class Purchase
{
    /**
     * @param  list<Task>  $opens  tasks of the plan that it serves and that are not possible without it
     * @param  list<Offer>|null  $instead  what would be got without it; null: there is no other way
     * @param  float|null  $extra  what that would cost more
     */
    public function __construct(
        public Offer $offer,
        public array $opens,
        public ?array $instead = null,
        public ?float $extra = null,
    ) {
    }
}
