<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use OutOfBoundsException;

/** A name that no calculation bears. */
final class UnknownCalculation extends OutOfBoundsException
{
    /** @param  list<string>  $known */
    public function __construct(string $name, array $known)
    {
        parent::__construct("There is no calculation called \"$name\". Known are: ".implode(', ', $known).'.');
    }
}
