<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Measure\DimensionUnit;

/** By how much a tool misses a condition: what of it, how much it takes, how much there is. */
final readonly class Shortfall
{
    public function __construct(
        public string $what,
        public string $relation,
        public ?float $takes,
        public ?float $has,
        public DimensionUnit $unit = DimensionUnit::Length,
    ) {
    }
}
