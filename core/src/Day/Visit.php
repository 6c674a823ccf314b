<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

use JackRest\Core\Edge\SharpeningStep;

/** One edge on one stone in the course of a day. */
final readonly class Visit
{
    public function __construct(public DayEdge $edge, public SharpeningStep $step)
    {
    }
}
