<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** One thing that speaks for a blank, makes it doubtful, or rules it out. */
final readonly class Reason
{
    public function __construct(public Fitness $fitness, public string $says)
    {
    }
}
