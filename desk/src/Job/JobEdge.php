<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\Honing;

/** The edge of a tool at hand, and what honing it takes. */
final readonly class JobEdge
{
    public function __construct(public int $id, public string $name, public Honing $honing)
    {
    }
}
