<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\SharpeningStep;

/** An edge that is due, as the day sees it. */
final readonly class DayEdge
{
    /**
     * @param  HoningPlanInput  $job  what it asks of the stones; every edge of a day has the same stones
     * @param  string  $setting  how the guide is set for it; edges of one setting need no resetting between them
     * @param  float  $aloneSeconds  what it would take by itself
     * @param  list<SharpeningStep>  $before  done before the stones: on the wheel
     * @param  list<SharpeningStep>  $after  done after the stones: on the strop
     */
    public function __construct(
        public string $id,
        public string $name,
        public HoningPlanInput $job,
        public GritPath $path,
        public string $setting,
        public float $aloneSeconds,
        public array $before = [],
        public array $after = [],
    ) {
    }
}
