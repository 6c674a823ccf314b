<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Calculates;

/**
 * The order to get the tools of a {@see KitPlan} in.
 *
 * All purchases come from the plan for all works together. The first rung, at no cost, unlocks what is possible
 * already; after it, again and again, the work with the largest weight of newly unlocked works per cost of the
 * cheapest tools from the plan that unlock it. Ties go by the order given; what costs nothing comes first.
 */
#[Calculates('kit-ladder', 'The order to get tools in, and what each step unlocks', searches: true)]
final class KitLadder
{
    public function __invoke(KitLadderInput $kit): KitLadderResult
    {
        $plan = (new KitPlan)($kit->everything());
        $rungs = (new LadderClimb($kit, $plan->buy))->climb($kit->works);

        return new KitLadderResult($rungs, $plan->cost);
    }
}
