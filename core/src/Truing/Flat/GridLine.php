<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\Flat;

/** One line that the straightedge is laid along. */
final readonly class GridLine
{
    /** @param  non-empty-list<int>  $nodes  places of the grid in its order */
    public function __construct(public string $id, public array $nodes)
    {
    }
}
