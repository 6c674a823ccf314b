<?php

declare(strict_types=1);

namespace JackRest\Core\Idle;

/** What one tool's going would mean for the chosen works. */
final readonly class Going
{
    /**
     * @param  list<string>  $lost  operations that could not be done well enough any more
     * @param  list<string>  $worse  operations that could, but not as well as now
     * @param  list<string>  $instead  tools that would be taken in its place
     */
    public function __construct(public array $lost, public array $worse, public array $instead)
    {
    }

    public function isLossless(): bool
    {
        return $this->lost === [] && $this->worse === [];
    }
}
