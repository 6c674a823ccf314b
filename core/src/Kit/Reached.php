<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** A work that can be made so well from a rung on, and what making it is like then. */
final readonly class Reached
{
    /**
     * @param  int  $floor  how well every operation can be done at least, or as well as it is asked: 1 to 5
     * @param  bool  $isAll  whether that is as well as the work asks
     * @param  float  $minutes  of work and setting up, each operation once
     * @param  int  $guided  operations held by a fence, a stop or a board
     * @param  int  $operations  how many it takes
     */
    public function __construct(
        public PlannedWork $work,
        public int $floor,
        public bool $isAll,
        public float $minutes,
        public int $guided,
        public int $operations,
    ) {
    }
}
