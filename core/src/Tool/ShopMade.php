<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

/** How a tool is made instead of bought: what its wood costs, how long it takes, what must be possible first. */
final readonly class ShopMade
{
    /**
     * @param  float  $cost  of the wood; invented, as every price here
     * @param  int  $minutes  from memory
     * @param  list<string>  $operations  that must be possible to make it
     */
    public function __construct(public float $cost, public int $minutes, public array $operations)
    {
    }
}
