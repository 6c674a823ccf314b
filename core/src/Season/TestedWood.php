<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Truing\History\Tested;

/** One test, and the moisture its wood had on that day. */
final readonly class TestedWood
{
    public function __construct(public Tested $test, public float $mcPct)
    {
    }
}
