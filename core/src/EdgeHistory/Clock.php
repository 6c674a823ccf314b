<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

/** What an edge's time to bluntness is counted in: minutes of use where they are noted, else days. */
enum Clock: string
{
    case Minutes = 'minutes';
    case Days = 'days';

    /** Middle of the time between two honings before anything is known; from memory. */
    public function usual(): float
    {
        return $this === self::Minutes ? 60.0 : 30.0;
    }
}
