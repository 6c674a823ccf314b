<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** A line of words; x is where it begins, y its base line, mm from the sheet's upper left corner. */
final readonly class Text implements Mark
{
    public function __construct(
        public float $x,
        public float $y,
        public string $says,
        public float $heightMm = 3.5,
        public bool $bold = false,
    ) {
    }
}
