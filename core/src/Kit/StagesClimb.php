<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Takes one stage after another, each the best of what every work asks next. */
final class StagesClimb
{
    public float $spent = 0.0;

    public ?StageNext $next = null;

    /** Whether every plan asked for was proven to be the cheapest. */
    public bool $isProven = true;

    /** @var array<string, int> how many floors of a work are met */
    private array $met = [];

    /** @var list<string> */
    private array $had;

    /** @var array<string, StageCandidate> what each work asks next, by its id */
    private array $candidates = [];

    private readonly KitPlan $plan;

    /** @param  ProvenParts  $known  what was proven for other prices */
    public function __construct(
        private readonly KitStagesInput $kit,
        private readonly StageGoals $goals,
        ProvenParts $known = new ProvenParts(),
    ) {
        $this->had = $kit->owned;
        $this->plan = new KitPlan($known);
    }

    /** @return list<KitStage> */
    public function climb(): array
    {
        $unlocks = $this->unlock();
        $stages = $unlocks === [] ? [] : [new KitStage([], 0.0, 0.0, $unlocks)];
        while (($all = $this->candidates()) !== []) {
            $best = self::best(array_filter($all, $this->isAffordable(...)));
            if ($best === null) {
                $this->next = $this->next(self::best($all) ?? $all[0]);
                break;
            }
            $this->take($best);
            $stages[] = new KitStage($best->buy, $best->cost, $this->spent, $this->unlock());
        }

        return $stages;
    }

    /** @return list<StageGoal> what is met now and was not before */
    private function unlock(): array
    {
        $grades = $this->goals->grades(array_fill_keys($this->had, true));
        $new = [];
        foreach ($this->goals->works as $work) {
            $floors = array_slice($this->kit->floors, $this->met[$work->id] ?? 0);
            foreach ($floors as $floor) {
                if (! $this->goals->isMet($work, $floor, $grades)) {
                    break;
                }
                $new[] = new StageGoal($work->id, $floor);
                $this->met[$work->id] = ($this->met[$work->id] ?? 0) + 1;
            }
        }

        return $new;
    }

    /** @return list<StageCandidate> the lowest floor not met of every work, in the order given */
    private function candidates(): array
    {
        $all = [];
        foreach ($this->goals->works as $work) {
            $place = $this->met[$work->id] ?? 0;
            if (isset($this->kit->floors[$place])) {
                $known = $this->candidates[$work->id] ?? null;
                $all[] = $this->candidates[$work->id] =
                    $known !== null && $known->place === $place + 1 ? $known : $this->ask($work, $place);
            }
        }

        return $all;
    }

    private function ask(StageWork $work, int $place): StageCandidate
    {
        $floor = $this->kit->floors[$place];
        $asked = $this->goals->plan($work, $floor, $this->had);
        $plan = ($this->plan)($asked);
        $this->isProven = $this->isProven && $plan->provenOptimal;
        $buy = $plan->buy;
        sort($buy, SORT_STRING);

        return new StageCandidate(
            $work,
            $floor,
            $place + 1,
            $buy,
            $plan->cost,
            array_fill_keys(array_map(static fn (ToolOffer $tool): string => $tool->id, $asked->tools), true),
        );
    }

    private function take(StageCandidate $best): void
    {
        $this->spent += $best->cost;
        $this->had = [...$this->had, ...$best->buy];
        // What was bought changes the plans it could be part of, and no others.
        $bought = array_fill_keys($best->buy, true);
        $this->candidates = array_filter(
            $this->candidates,
            static fn (StageCandidate $one): bool => array_intersect_key($one->tools, $bought) === [],
        );
    }

    private function isAffordable(StageCandidate $candidate): bool
    {
        return $this->kit->budget === null || $this->spent + $candidate->cost <= $this->kit->budget + 1e-9;
    }

    /** @param  array<int, StageCandidate>  $candidates  in the order of their works */
    private static function best(array $candidates): ?StageCandidate
    {
        $best = null;
        foreach ($candidates as $one) {
            if ($best === null || $one->comesBefore($best)) {
                $best = $one;
            }
        }

        return $best;
    }

    private function next(StageCandidate $best): StageNext
    {
        return new StageNext(
            $best->work->id,
            $best->floor,
            $best->buy,
            $best->cost,
            $this->spent + $best->cost - (float) $this->kit->budget,
        );
    }
}
