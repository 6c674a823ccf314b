<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Tool\ToolKinds;

/** The order to get the tools of a proposal in: jobs' dates first, then what opens most for its cost. */
final class Ladder
{
    /** @var list<LadderWork> */
    private array $works = [];

    /** @var array<string, PlannedWork> */
    private array $byId = [];

    /** @var array<string, Offer> */
    private array $offers;

    /** @var list<Rung>|null */
    private ?array $rungs = null;

    public function __construct(private readonly KitPlanner $planner, private readonly ?Months $months = null)
    {
        $proposal = $planner->propose();
        $this->offers = array_column($proposal->buy, null, 'id');
        foreach ($planner->works as $work) {
            $operations = [];
            foreach ($work->tasks as $task) {
                $operations[] = $proposal->problem->operationOf[$task->key()] ?? null;
            }
            $this->works[] = new LadderWork(
                $work->id,
                array_values(array_unique(array_filter($operations, is_string(...)))),
                $work->weight,
            );
            $this->byId[$work->id] = $work;
        }
    }

    /** @return list<Rung> */
    public function rungs(): array
    {
        return $this->rungs ??= $this->climb();
    }

    /** @return list<Rung> */
    private function climb(): array
    {
        $proposal = $this->planner->propose();
        $grades = array_map(static fn ($task): float => (float) $task->minGrade, $proposal->problem->tasks);
        $kit = new KitLadderInput(
            $this->works,
            $proposal->problem->tools,
            $proposal->problem->methods,
            $proposal->problem->owned,
            $grades,
        );
        $climb = new LadderClimb($kit, $proposal->ids());
        $steps = [];
        foreach ($this->inPhases() as $works) {
            $steps = [...$steps, ...$climb->climb($works)];
        }

        return array_merge(...array_map($this->split(...), [...$steps, ...$this->rest($steps)]));
    }

    /** @return list<PlannedWork> works that the plan does not make possible */
    public function locked(): array
    {
        $unlocked = array_merge(...array_map(static fn (Rung $rung): array => $rung->unlocks, $this->rungs()));

        return array_values(
            array_filter(
                $this->planner->works,
                static fn (PlannedWork $work): bool => ! in_array($work, $unlocked, true),
            ),
        );
    }

    /** @return list<Offer> the tools of the plan in the order they are got */
    public function inOrder(): array
    {
        return array_merge(...array_map(static fn (Rung $rung): array => $rung->tools, $this->rungs()));
    }

    /**
     * Works with a date go before those without, the earliest first.
     *
     * @return list<list<LadderWork>>
     */
    private function inPhases(): array
    {
        $phases = [];
        foreach ($this->works as $work) {
            $phases[$this->byId[$work->id]->due ?? '9999'][] = $work;
        }
        ksort($phases, SORT_STRING);

        return array_values($phases);
    }

    /**
     * Tools of the plan that serve parts of works which stay locked.
     *
     * @param  list<LadderRung>  $steps
     * @return list<LadderRung>
     */
    private function rest(array $steps): array
    {
        $got = array_merge(...array_map(static fn (LadderRung $step): array => $step->buy, $steps));
        $rest = array_values(array_diff($this->planner->propose()->ids(), $got));
        $cost = array_sum(array_map(fn (string $id): float => $this->offers[$id]->price, $rest));
        $spent = $steps === [] ? 0.0 : $steps[count($steps) - 1]->cumulativeCost;

        return $rest === [] ? [] : [new LadderRung($rest, $cost, [], $spent + $cost)];
    }

    /**
     * What is made is a rung of its own, after what is bought; the last of them unlocks.
     *
     * @return list<Rung>
     */
    private function split(LadderRung $step): array
    {
        $offers = array_map(fn (string $id): Offer => $this->offers[$id], $step->buy);
        $bought = array_values(array_filter($offers, static fn (Offer $offer): bool => $offer->making === null));
        $made = array_values(array_filter($offers, static fn (Offer $offer): bool => $offer->making !== null));
        $parts = [
            ...$bought === [] && $made !== [] ? [] : [self::sharpeningFirst($bought)],
            ...array_map(static fn (Offer $offer): array => [$offer], $made),
        ];
        $rungs = [];
        $at = $step->cumulativeCost - $step->cost;
        foreach ($parts as $index => $tools) {
            $cost = array_sum(array_map(static fn (Offer $offer): float => $offer->price, $tools));
            $unlocks =
                $index === count($parts) - 1
                    ? array_map(fn (string $id): PlannedWork => $this->byId[$id], $step->unlocks)
                    : [];
            $rungs[] = $this->rung($tools, $at, $cost, $unlocks);
            $at += $cost;
        }

        return $rungs;
    }

    /**
     * @param  list<Offer>  $tools
     * @param  list<PlannedWork>  $unlocks
     */
    private function rung(array $tools, float $from, float $cost, array $unlocks): Rung
    {
        $making = $tools[0]->making ?? null;
        $month = $this->months?->whenSaved($from + $cost);
        $late = array_filter(
            $unlocks,
            static fn (PlannedWork $work): bool => $month !== null &&
                $work->due !== null &&
                $month > substr($work->due, 0, 7),
        );

        return new Rung(
            $tools,
            $making !== null,
            $cost,
            $from,
            $from + $cost,
            $making->minutes ?? 0,
            $unlocks,
            $month,
            $late !== [],
        );
    }

    /**
     * Sharpening before the first edge, and so on down the groups of the board.
     *
     * @param  list<Offer>  $offers
     * @return list<Offer>
     */
    private static function sharpeningFirst(array $offers): array
    {
        $place = array_flip(array_keys(ToolKinds::all()));
        usort($offers, static fn (Offer $a, Offer $b): int => $place[$a->kind] <=> $place[$b->kind]);

        return $offers;
    }
}
