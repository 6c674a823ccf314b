<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Work\Way;

/** A way with the very tools that would do it. */
final readonly class WayAtHand
{
    /** @param  list<ToolAtHand>  $tools */
    public function __construct(public Way $way, public array $tools)
    {
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (ToolAtHand $tool): string => $tool->name, $this->tools);
    }
}
