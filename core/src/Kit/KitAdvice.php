<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** What a kit can do for one work, what is missing and the cheapest way to close the gap, with reasons. */
final readonly class KitAdvice
{
    /**
     * @param  list<OperationAdvice>  $operations
     * @param  list<PurchaseAdvice>  $purchases
     */
    public function __construct(
        public array $operations,
        public array $purchases,
        public float $cost,
        public bool $provenOptimal,
    ) {
    }

    /** @return list<OperationAdvice> operations that cannot be done well enough with what is at hand */
    public function missing(): array
    {
        return array_values(array_filter($this->operations, static fn (OperationAdvice $row): bool => $row->now === null));
    }
}
