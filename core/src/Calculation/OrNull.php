<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

/**
 * A number of an answer that may be null and is still told: where a field that is left out means that it was not asked
 * for, this one says that it was, and that there is none.
 */
final readonly class OrNull
{
    public function __construct(public ?float $value)
    {
    }
}
