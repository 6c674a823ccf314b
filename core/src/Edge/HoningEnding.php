<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** A path over so many stones that ends on one of them, not yet written out. */
final readonly class HoningEnding
{
    public function __construct(public int $length, public int $last, public float $seconds)
    {
    }
}
