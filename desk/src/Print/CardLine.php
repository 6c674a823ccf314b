<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** One line to tick. */
final readonly class CardLine
{
    /** @param  string  $right  what stands at its end: minutes, a day, a price */
    public function __construct(public string $says, public string $right = '')
    {
    }
}
