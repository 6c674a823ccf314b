<?php

declare(strict_types=1);

namespace JackRest\Core\Idle;

use JackRest\Core\Kit\ToolAtHand;

/** Tools that could go together without loss. */
final readonly class RedundantSet
{
    /**
     * @param  list<ToolAtHand>  $tools
     * @param  float  $worth  what they are worth together
     * @param  bool  $isProven  whether no larger set exists
     */
    public function __construct(public array $tools, public float $worth, public bool $isProven)
    {
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (ToolAtHand $tool): string => $tool->id, $this->tools);
    }
}
