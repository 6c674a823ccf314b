<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Work\Task;

/** The cheapest kit for the works, with proof. */
final readonly class Proposal
{
    /**
     * @param  list<Offer>  $buy
     * @param  list<Task>  $impossible  tasks that nothing owned or offered does well enough
     * @param  list<Task>  $unserved  tasks the budget does not reach for
     */
    public function __construct(
        public PlanProblem $problem,
        public KitPlanResult $plan,
        public array $buy,
        public float $cost,
        public float $runningPerYear,
        public array $impossible,
        public array $unserved,
    ) {
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->plan->buy;
    }
}
