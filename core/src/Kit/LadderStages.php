<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKinds;

/** The stages for certain offers, and what can be told of them. */
final class LadderStages
{
    public readonly LadderProblem $problem;

    public readonly StageGoals $goals;

    public readonly StagesClimb $climb;

    /** @var list<KitStage> */
    public readonly array $stages;

    /** @var array<string, PlannedWork> by id */
    private array $works;

    /** @var array<string, Offer> by id */
    private array $offers;

    private readonly BestWays $ways;

    private readonly StageSteps $steps;

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<ToolAtHand>  $owned
     * @param  list<Offer>  $offers
     */
    public function __construct(
        array $works,
        array $owned,
        array $offers,
        private readonly School $school,
        ?float $budget,
        int $least,
        ProvenParts $known,
    ) {
        $this->problem = new LadderProblem($works, $owned, $offers, $school, $budget, $least);
        $this->goals = new StageGoals($this->problem->input);
        $this->climb = new StagesClimb($this->problem->input, $this->goals, $known);
        $this->stages = $this->climb->climb();
        $this->works = array_column($works, null, 'id');
        $this->offers = array_column($offers, null, 'id');
        $this->ways = new BestWays($this->problem->problem, $school);
        $this->steps = new StageSteps($this->problem->problem, $this->ways, $this->offers);
    }

    public function straight(): float
    {
        return (new KitPlan())($this->goals->straight())->cost;
    }

    /**
     * @param  list<string>  $buy
     * @param  array<string, true>  $had  keyed by tool
     * @param  float  $money  what may be spent on them
     * @return list<array{list<Offer>, list<Lift>}>
     */
    public function steps(array $buy, array $had, float $money = INF): array
    {
        return $this->steps->of($buy, $had, $money);
    }

    /** @return array<string, true> what was owned at first, keyed by tool */
    public function owned(): array
    {
        return array_fill_keys($this->problem->problem->owned, true);
    }

    /**
     * @param  list<ToolAtHand>  $owned
     * @return list<string> kinds of tools to be made at a stage where they could not be
     */
    public function madeTooSoon(array $owned): array
    {
        $atHand = $owned;
        $tooSoon = [];
        $stages = array_map(static fn (KitStage $stage): array => $stage->buy, $this->stages);
        // What is beyond the budget is priced as it would be, too.
        foreach ([...$stages, $this->climb->next->buy ?? []] as $buy) {
            $offers = array_map(fn (string $id): Offer => $this->offers[$id], $buy);
            $made = Makeable::among($atHand, $offers, $this->school);
            foreach ($offers as $offer) {
                $atHand[] = new ToolAtHand($offer->id, $offer->kind, $offer->name, $offer->sizes);
                if ($offer->making !== null && ! in_array($offer, $made, true)) {
                    $tooSoon[] = $offer->kind;
                }
            }
        }

        return $tooSoon;
    }

    /**
     * Each work once, at the highest floor it reaches there.
     *
     * @param  array<string, true>  $had  everything there by then, keyed by tool
     * @return list<Reached>
     */
    public function reached(KitStage $stage, array $had): array
    {
        $best = $this->ways->with($had);
        $floors = $this->problem->input->floors;
        $reached = [];
        foreach ($stage->unlocks as $goal) {
            $reached[$goal->work] = $this->goal($goal, $goal->floor === end($floors), $best);
        }

        return array_values($reached);
    }

    /**
     * @param  array<string, true>  $had  everything there before, keyed by tool
     * @return list<Reached> what would be reached if the money went on
     */
    public function beyond(array $had): array
    {
        $next = $this->climb->next;
        if ($next === null) {
            return [];
        }
        $floors = $this->problem->input->floors;
        $best = $this->ways->with($had + array_fill_keys($next->buy, true));

        return [$this->goal(new StageGoal($next->work, $next->floor), $next->floor === end($floors), $best)];
    }

    /** @param  array<string, int>  $best  methods by operation */
    private function goal(StageGoal $goal, bool $isLast, array $best): Reached
    {
        $minutes = 0.0;
        $guided = $operations = 0;
        foreach ($this->works[$goal->work]->tasks as $task) {
            $method = $best[$this->problem->problem->operationOf[$task->key()] ?? ''] ?? null;
            if ($method !== null) {
                $way = $this->ways->way($method);
                $minutes += $way->minutes + $way->setUp;
                $guided += $way->guided ? 1 : 0;
                $operations++;
            }
        }

        return new Reached($this->works[$goal->work], (int) $goal->floor, $isLast, $minutes, $guided, $operations);
    }

    /**
     * The cheapest tool that makes up for what is missing and that nothing else of them needs: layout tools first,
     * which are lent most readily (common practice).
     *
     * @param  list<Offer>  $tools
     */
    public function toBorrow(array $tools, float $short): ?Offer
    {
        $needed = [];
        foreach ($this->problem->problem->tools as $tool) {
            if (isset($this->offers[$tool->id]) && in_array($this->offers[$tool->id], $tools, true)) {
                $needed += array_fill_keys($tool->needs, true);
            }
        }
        $layout = Group::Layout;
        $can = array_values(
            array_filter(
                $tools,
                static fn (Offer $offer): bool => $offer->price >= $short - 1e-9 &&
                    $offer->making === null &&
                    ! isset($needed[$offer->id]),
            ),
        );
        usort($can, static fn (Offer $a, Offer $b): int => [
            ToolKinds::named($a->kind)->group !== $layout, $a->price,
        ] <=> [ToolKinds::named($b->kind)->group !== $layout, $b->price]);

        return $can[0] ?? null;
    }
}
