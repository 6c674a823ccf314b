<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

/** How long the edge of a tool holds: as likely longer as not. */
final readonly class EdgeWear
{
    /**
     * @param  float  $leftMinutes  of work until it is as likely blunt as not
     * @param  float  $freshMinutes  the same when it comes from the stones
     * @param  float  $honeMinutes  what honing it takes
     */
    public function __construct(public float $leftMinutes, public float $freshMinutes, public float $honeMinutes)
    {
    }
}
