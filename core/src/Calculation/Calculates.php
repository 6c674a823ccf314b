<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use Attribute;

/**
 * Marks a calculation: a class whose `__invoke` takes one input value and returns one result value.
 *
 * Add the class to {@see \JackRest\Core\Catalogue\Catalogue::CALCULATIONS} and it is offered in the terminal, over
 * HTTP, in the contract and in the TypeScript types.
 */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Calculates
{
    /** @param  bool  $searches  whether it may take seconds, where all others answer at once */
    public function __construct(public string $name, public string $title, public bool $searches = false)
    {
    }
}
