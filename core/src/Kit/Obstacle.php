<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Shortfall;
use JackRest\Core\Work\Way;

/** What keeps a way from being possible: kinds that are not there, or a tool of the wrong size. */
final readonly class Obstacle
{
    /**
     * @param  list<string>  $missing  kinds nobody owns
     * @param  list<array{ToolAtHand, Shortfall}>  $short  owned, but not of a size that does
     * @param  list<string>  $idle  kinds owned that do not count yet: their own needs are not met
     */
    public function __construct(public Way $way, public array $missing, public array $short, public array $idle)
    {
    }

    /** What the missing kinds cost, as planned. */
    public function price(): float
    {
        return array_sum(
            array_map(
                static fn (string $kind): float => ToolKinds::named($kind)->making->cost ??
                    ToolKinds::named($kind)->price,
                $this->missing,
            ),
        );
    }

    /** How much is wrong with it. */
    public function size(): int
    {
        return count($this->missing) + count($this->short) + count($this->idle);
    }
}
