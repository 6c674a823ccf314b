<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

/** What the shop's own log says of boards in it, per cent of moisture; null: the log does not tell. */
final readonly class ShopMoisture
{
    /**
     * @param  float|null  $nowPct  of a board 20 mm thick that has lain there
     * @param  float|null  $mostPct  the most it reached in the logged year
     */
    public function __construct(public ?float $nowPct = null, public ?float $mostPct = null)
    {
    }
}
