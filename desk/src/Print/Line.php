<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** A straight line, mm from the sheet's upper left corner. */
final readonly class Line implements Mark
{
    public function __construct(
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public float $widthMm = 0.25,
        public bool $dashed = false,
    ) {
    }
}
