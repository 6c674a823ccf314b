<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Measure\Reading;

/** One check as far as it was made. */
final readonly class Looked
{
    /**
     * @param  list<Reading>  $readings  of a measured check
     * @param  Outcome|null  $outcome  null: not made yet
     * @param  Mending|null  $mending  what putting it right takes, where that is the outcome
     * @param  string  $says  what was found
     */
    public function __construct(public Check $check, public array $readings, public ?Outcome $outcome, public ?Mending $mending, public string $says)
    {
    }

    public function isWrong(): bool
    {
        return array_filter($this->readings, static fn (Reading $reading): bool => $reading->error !== null) !== [];
    }
}
