<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Something done to wood, with the ways it can be done. */
final readonly class Operation
{
    /** @param  non-empty-list<Way>  $ways */
    public function __construct(public string $id, public string $name, public array $ways)
    {
    }
}
