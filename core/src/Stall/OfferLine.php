<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/** One line of the arithmetic from a good one's price down to what to offer. */
final readonly class OfferLine
{
    /**
     * @param  float  $amount  added to the price, or taken off it
     * @param  Finding|null  $finding  what takes it off; null: a good one's price, or the checks that were not made
     * @param  int  $open  how many checks were not made
     */
    public function __construct(public float $amount, public ?Finding $finding = null, public int $open = 0)
    {
    }
}
