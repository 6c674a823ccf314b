<?php

declare(strict_types=1);

namespace JackRest\Core;

/** Where a number comes from: the formula with the user's own numbers in it, and how far to believe it. */
final readonly class Explained
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
