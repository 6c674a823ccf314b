<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class HoningPlanResult
{
    /**
     * @param  list<HoningStep>  $path
     * @param  list<HoningPath>  $alternatives
     * @param  list<SkippedStone>  $skipped
     */
    public function __construct(
        #[Field('the stones to use in order, coarse to fine', of: HoningStep::class)] public array $path,
        #[Field('time for all of it, seconds')] public float $totalSeconds,
        #[
            Field('the best path for each other number of stones, best first', of: HoningPath::class),
        ]
        public array $alternatives,
        #[Field('the stones left out and what each would add', of: SkippedStone::class)] public array $skipped,
    ) {
    }
}
