<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Calculates;

/**
 * The way up for somebody who starts small: first to make something at all, then to make it better.
 *
 * Each stage is the cheapest {@see KitPlan} for one work at its lowest floor not met, with all that was bought before
 * at hand: the one of least cost times the place of its floor by weight.
 */
#[Calculates('kit-stages', 'The way up from a small kit to a better one, stage by stage', searches: true)]
final class KitStages
{
    public function __invoke(KitStagesInput $kit): KitStagesResult
    {
        $goals = new StageGoals($kit);
        $climb = new StagesClimb($kit, $goals);
        $stages = $climb->climb();

        return new KitStagesResult(
            $stages,
            $climb->spent,
            $this->straight($goals),
            $climb->next,
            $goals->impossible,
        );
    }

    /** The highest floor of every possible work, bought at once. */
    private function straight(StageGoals $goals): float
    {
        return (new KitPlan())($goals->straight())->cost;
    }
}
