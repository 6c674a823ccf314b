<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\EdgeWear;
use JackRest\Core\Job\Pace;
use JackRest\Core\Kit\Coverage;

/** Who does the job: the tools at hand, how long their edges hold, and the pace of whoever works with them. */
final readonly class JobHands
{
    /**
     * @param  array<string, int>  $gauges  how many hang there, by kind
     * @param  array<array-key, EdgeWear>  $wear  by tool
     * @param  array<array-key, JobEdge>  $edges  by tool
     * @param  array<string, Pace>  $paces  by operation, what is learnt already
     */
    public function __construct(
        public Coverage $coverage,
        public array $gauges = [],
        public array $wear = [],
        public array $edges = [],
        public array $paces = [],
    ) {
    }
}
