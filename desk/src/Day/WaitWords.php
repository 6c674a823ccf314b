<?php

declare(strict_types=1);

namespace JackRest\Desk\Day;

use JackRest\Core\Day\Wait;

/** After which stone who waits for which. */
final class WaitWords
{
    public static function sentence(Wait $wait): string
    {
        return "After the {$wait->after}: ".
            implode(', ', $wait->edges).
            (count($wait->edges) === 1 ? ' waits' : ' wait').
            " for the {$wait->for}.";
    }
}
