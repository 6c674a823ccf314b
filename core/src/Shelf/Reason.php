<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** What speaks for a blank, or against it. */
final readonly class Reason
{
    /**
     * @param  float  $is  what it has: mm, or degrees; 0 where it is no number
     * @param  float  $wanted  what is wanted of it, mm; 0 where nothing is
     */
    public function __construct(
        public Fitness $fitness,
        public ReasonKind $kind,
        public float $is = 0.0,
        public float $wanted = 0.0,
    ) {
    }
}
