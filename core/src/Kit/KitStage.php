<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** One stage of the way up: what to get, what it costs, which works can be done how well from then on. */
final readonly class KitStage
{
    /**
     * @param  list<string>  $buy
     * @param  list<StageGoal>  $unlocks
     */
    public function __construct(
        #[Field('the tools to get, in alphabetical order', of: 'string')] public array $buy,
        #[Field('what they cost')] public float $cost,
        #[Field('what has been spent by then')] public float $cumulativeCost,
        #[Field('works, in the order given, with their new floors, ascending', of: StageGoal::class)]
        public array $unlocks,
    ) {
    }
}
