<?php

declare(strict_types=1);

namespace JackRest\Desk;

use JackRest\Core\Basis;

/** Where a number comes from: the formula with the user's own numbers in it, and how far to believe it. */
final readonly class Explanation
{
    public function __construct(
        public string $asks,
        public string $formula,
        public string $numbers,
        public Basis $basis,
        public string $source,
    ) {
    }
}
