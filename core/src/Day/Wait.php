<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/** Edges that wait after one stone for another. */
final readonly class Wait
{
    /** @param  non-empty-list<string>  $edges  by name */
    public function __construct(public string $after, public array $edges, public string $for)
    {
    }
}
