<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Shelf\WantedPiece;

/** A piece of the cutting list: its size when it is done, and how many of it. */
final readonly class Part
{
    /**
     * @param  string  $key  told apart by it
     * @param  string  $wood  which wood suits it
     */
    public function __construct(
        public string $key,
        public string $name,
        public WantedPiece $wanted,
        public string $wood,
        public int $count = 1,
    ) {
    }
}
