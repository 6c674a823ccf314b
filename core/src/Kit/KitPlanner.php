<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;

/** Proposes the cheapest kit for some works, and answers what another choice would cost. */
final class KitPlanner
{
    /** @var list<Offer> */
    private array $offers;

    /** @var list<Task> */
    private readonly array $tasks;

    private ?Proposal $proposal = null;

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<ToolAtHand>  $owned
     * @param  list<WantedTool>  $wanted
     */
    public function __construct(
        public readonly array $works,
        public readonly array $owned,
        array $wanted,
        public readonly School $school,
        public readonly ?float $budget = null,
    ) {
        $this->offers = Offers::for($wanted, $school);
        $this->tasks = array_merge(...array_map(static fn (PlannedWork $work): array => $work->tasks, $works));
    }

    /** The plan; a tool that could not be made with the rest of it is priced as bought. */
    public function propose(): Proposal
    {
        return $this->proposal ??= $this->feasible();
    }

    /** Each round turns at least one tool from made to bought, so there is an end to it. */
    private function feasible(): Proposal
    {
        do {
            $proposal = $this->solve($this->offers);
            $made = Makeable::among($this->owned, $proposal->buy, $this->school);
            $tooSoon = array_filter(
                $proposal->buy,
                static fn (Offer $offer): bool => $offer->making !== null && ! in_array($offer, $made, true),
            );
            $this->offers = array_map(
                fn (Offer $offer): Offer => in_array($offer, $tooSoon, true)
                    ? $offer->bought(Offers::shopPrice(ToolKinds::named($offer->kind), $this->school))
                    : $offer,
                $this->offers,
            );
        } while ($tooSoon !== []);

        return $proposal;
    }

    /** What a tool of the plan opens, and what the best plan without it would be. */
    public function purchase(Offer $offer): Purchase
    {
        $proposal = $this->propose();
        $else = $this->solve($this->without($offer));
        $possible =
            count($else->impossible) + count($else->unserved) <=
            count($proposal->impossible) + count($proposal->unserved);

        return new Purchase(
            $offer,
            $this->opens($offer),
            $possible
                ? array_values(
                    array_filter(
                        $else->buy,
                        static fn (Offer $other): bool => ! in_array($other->id, $proposal->ids(), true),
                    ),
                )
                : null,
            $possible ? $else->cost - $proposal->cost : null,
        );
    }

    /**
     * The price below which an offer would come into the plan; null where no price would do it.
     *
     * What the plan costs less what it would cost with that tool as a gift.
     */
    public function worthBelow(Offer $offer): ?float
    {
        $proposal = $this->propose();
        $gift = array_map(
            static fn (Offer $other): Offer => $other->id === $offer->id
                ? new Offer($other->id, $other->kind, $other->name, $other->sizes, 0.0)
                : $other,
            $this->offers,
        );
        $saved = $proposal->cost - $this->solve($gift)->cost;

        return $saved > 1e-9 ? $saved : null;
    }

    /** @return list<Offer> the offers of kinds that are not in the plan, and the user's own that are not */
    public function leftOver(): array
    {
        $buy = $this->propose()->buy;
        $kinds = array_map(static fn (Offer $offer): string => $offer->kind, $buy);

        return array_values(
            array_filter(
                $this->offers,
                static fn (Offer $offer): bool => ! in_array($offer, $buy, true) &&
                    ($offer->ownPrice || ! in_array($offer->kind, $kinds, true)),
            ),
        );
    }

    /**
     * The tasks that are lost when this tool is taken out of the plan and nothing put in its place.
     *
     * @return list<Task>
     */
    private function opens(Offer $offer): array
    {
        $kept = array_map(
            static fn (Offer $other): ToolAtHand => new ToolAtHand(
                $other->id,
                $other->kind,
                $other->name,
                $other->sizes,
            ),
            array_values(
                array_filter($this->propose()->buy, static fn (Offer $other): bool => $other->id !== $offer->id),
            ),
        );
        $coverage = new Coverage(new ToolsAtHand([...$this->owned, ...$kept]), $this->school);
        $lost = [];
        foreach ($this->propose()->problem->tasks as $task) {
            if (! in_array($task, $this->propose()->impossible, true) && ! $coverage->of($task)->isEnough()) {
                $lost[$task->operation->id] ??= $task;
            }
        }

        return array_values($lost);
    }

    /** @param  list<Offer>  $offers */
    private function solve(array $offers): Proposal
    {
        $problem = new PlanProblem($this->tasks, $this->owned, $offers, $this->school);
        $plan = (new KitPlan())($problem->input($this->budget));
        $byId = array_column($offers, null, 'id');
        $buy = array_map(static fn (string $id): Offer => $byId[$id], $plan->buy);
        $running =
            array_sum(
                array_map(static fn (Offer $offer): float => ToolKinds::named($offer->kind)->runningPerYear, $buy),
            ) * $this->school->runningFactor();

        return new Proposal(
            $problem,
            $plan,
            $buy,
            $plan->cost,
            $running,
            self::tasks($problem->tasks, $plan->uncoverable),
            self::tasks($problem->tasks, $plan->unserved ?? []),
        );
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  list<string>  $ids
     * @return list<Task>
     */
    private static function tasks(array $tasks, array $ids): array
    {
        return array_map(static fn (string $id): Task => $tasks[$id], $ids);
    }

    /**
     * The offers without this one and without those of its kind that the plan has no use for: another size of it
     * would be no other plan.
     *
     * @return list<Offer>
     */
    private function without(Offer $offer): array
    {
        $planned = $this->propose()->ids();

        return array_values(
            array_filter(
                $this->offers,
                static fn (Offer $other): bool => $other->id !== $offer->id &&
                    ($other->kind !== $offer->kind || in_array($other->id, $planned, true)),
            ),
        );
    }
}
