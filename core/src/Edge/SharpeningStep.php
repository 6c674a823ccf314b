<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** One stone of a plan: what to do there, and what it should show before the next. */
final readonly class SharpeningStep
{
    public function __construct(
        public Stone $stone,
        public float $removeUm,
        public int $strokes,
        public float $seconds,
        public string $see,
    ) {
    }
}
