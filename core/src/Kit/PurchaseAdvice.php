<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** A tool the plan asks for: what it opens, and what the next best plan without it would cost. */
final readonly class PurchaseAdvice
{
    /**
     * @param  list<Operation>  $opens  operations that are not possible without it
     * @param  list<string>|null  $insteadKinds  what would be bought without it; null: there is no other way
     */
    public function __construct(
        public ToolKind $kind,
        public float $cost,
        public array $opens,
        public ?array $insteadKinds,
        public ?float $insteadCost,
    ) {
    }

    public function why(): string
    {
        $opens = implode(' and ', array_map(static fn (Operation $operation): string => $operation->name, $this->opens));
        $without = $this->insteadKinds === null
            ? 'No other tool on your list does it.'
            : 'Without it the cheapest way is '.self::listed($this->insteadKinds).'.';

        return ($opens === '' ? 'Another tool needs it.' : "It opens “{$opens}”.")." $without";
    }

    /** @param  list<string>  $kinds */
    private static function listed(array $kinds): string
    {
        $names = array_map(static fn (string $kind): string => 'a '.ToolKinds::named($kind)->name, $kinds);

        return $names === [] ? 'what you have' : implode(' with ', $names);
    }
}
