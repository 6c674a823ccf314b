<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;

/** Orders the tools of a stage: sharpening, and what else others need, first; then what lifts most for its money. */
final class StageSteps
{
    /** @param  array<string, Offer>  $offers  by id */
    public function __construct(
        private readonly PlanProblem $problem,
        private readonly BestWays $ways,
        private readonly array $offers,
    ) {
    }

    /**
     * Steps that each lift something by themselves, as soon as those before them are there.
     *
     * @param  list<string>  $buy
     * @param  array<string, true>  $had  keyed by tool
     * @param  float  $money  what may be spent; steps that it does not reach for are left out
     * @return list<array{list<Offer>, list<Lift>}>
     */
    public function of(array $buy, array $had, float $money = INF): array
    {
        $before = $this->ways->with($had);
        $all = $had + array_fill_keys($buy, true);
        $waiting = array_filter(
            $this->ways->with($all),
            fn (int $method, string $operation): bool => ($before[$operation] ?? null) !== $method &&
                array_diff_key($this->ways->takes($method), $had) !== [],
            ARRAY_FILTER_USE_BOTH,
        );
        $steps = [];
        while (($within = $this->within($waiting, $had, $money)) !== []) {
            $tools = $this->best($this->withSharpening($within, $had), $waiting, $had);
            $had += $tools;
            $money -= $this->cost($tools);
            $lifted = array_filter(
                $waiting,
                fn (int $method): bool => array_diff_key($this->ways->takes($method), $had) === [],
            );
            $waiting = array_diff_key($waiting, $lifted);
            $steps[] = [$this->inOrder($tools), $this->lifts($lifted, $before)];
        }

        return $steps;
    }

    /**
     * @param  array<string, int>  $waiting  methods by operation
     * @param  array<string, true>  $had
     * @return array<string, int> those whose missing tools cost no more
     */
    private function within(array $waiting, array $had, float $money): array
    {
        return array_filter(
            $waiting,
            fn (int $method): bool => $this->cost(array_diff_key($this->ways->takes($method), $had)) <= $money + 1e-9,
        );
    }

    /**
     * An edge tool without a way to sharpen it is no working tool: while one is still to be got, what asks for it goes
     * before everything else.
     *
     * @param  array<string, int>  $waiting  methods by operation
     * @param  array<string, true>  $had
     * @return array<string, int>
     */
    private function withSharpening(array $waiting, array $had): array
    {
        $with = array_filter($waiting, function (int $method) use ($had): bool {
            foreach (array_keys(array_diff_key($this->ways->takes($method), $had)) as $id) {
                if (in_array($this->offers[$id]->kind, Need::Hone->givers(), true)) {
                    return true;
                }
            }

            return false;
        });

        return $with === [] ? $waiting : $with;
    }

    /**
     * @param  array<string, int>  $among  methods by operation, one of which is to be possible next
     * @param  array<string, int>  $waiting  all that are not possible yet
     * @param  array<string, true>  $had
     * @return array<string, true> what to get next, as keys
     */
    private function best(array $among, array $waiting, array $had): array
    {
        $best = [];
        [$most, $least] = [0, INF];
        foreach ($among as $method) {
            $tools = array_diff_key($this->ways->takes($method), $had);
            $then = $had + $tools;
            $lifted = 0;
            foreach ($waiting as $other) {
                $lifted += array_diff_key($this->ways->takes($other), $then) === [] ? 1 : 0;
            }
            $cost = $this->cost($tools);
            // Lifted by cost, without dividing: what is free comes first, of two free ones the one that lifts more.
            $gain = $lifted * $least <=> $most * $cost;
            if ($best === [] || $gain > 0 || ($gain === 0 && $cost < $least)) {
                [$best, $most, $least] = [$tools, $lifted, $cost];
            }
        }

        return $best;
    }

    /** @param  array<string, true>  $tools */
    private function cost(array $tools): float
    {
        return array_sum(array_map(fn (string $id): float => $this->offers[$id]->price, array_keys($tools)));
    }

    /**
     * @param  array<string, true>  $tools
     * @return list<Offer> what others need before those that need it; else as on the board
     */
    private function inOrder(array $tools): array
    {
        $place = array_flip(array_keys(ToolKinds::all()));
        $offers = array_map(fn (string $id): Offer => $this->offers[$id], array_keys($tools));
        usort($offers, static fn (Offer $a, Offer $b): int => $place[$a->kind] <=> $place[$b->kind]);
        $ordered = [];
        while ($offers !== []) {
            $ids = array_fill_keys(array_map(static fn (Offer $offer): string => $offer->id, $offers), true);
            foreach ($offers as $index => $offer) {
                if (array_intersect_key(array_fill_keys($this->needs($offer->id), true), $ids) === []) {
                    $ordered[] = $offer;
                    unset($offers[$index]);

                    continue 2;
                }
            }
        }

        return $ordered;
    }

    /** @return list<string> */
    private function needs(string $id): array
    {
        foreach ($this->problem->tools as $tool) {
            if ($tool->id === $id) {
                return $tool->needs;
            }
        }

        return [];
    }

    /**
     * @param  array<string, int>  $lifted  methods by operation
     * @param  array<string, int>  $before
     * @return list<Lift>
     */
    private function lifts(array $lifted, array $before): array
    {
        $lifts = [];
        foreach ($lifted as $operation => $method) {
            $lifts[] = new Lift(
                $this->problem->tasks[$operation],
                isset($before[$operation]) ? $this->ways->way($before[$operation]) : null,
                $this->ways->way($method),
                array_map(strval(...), array_keys($this->ways->takes($method))),
            );
        }

        return $lifts;
    }
}
