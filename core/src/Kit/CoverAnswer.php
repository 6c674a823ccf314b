<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Asks {@see CoverSearch} the questions that together give the one best set of tools. */
final class CoverAnswer
{
    /** @var list<int> the tools of the answer, ascending */
    public array $tools = [];

    public bool $proven = true;

    /** No set that serves as much can cost less. */
    public float $leastCost = 0.0;

    public function __construct(
        private readonly KitReduction $reduction,
        private readonly SearchLimit $limit,
        private readonly ProvenParts $known = new ProvenParts(),
    ) {
    }

    public function find(): self
    {
        $most = $this->reduction->valueLimit;
        $this->tools = $most === null ? $this->everything() : $this->mostWithin($most);
        sort($this->tools);

        return $this;
    }

    /** @return list<int> */
    private function everything(): array
    {
        $problem = $this->reduction->problem;
        $split = new CoverParts($problem);
        $tools = $split->forced;
        $atLeast = (float) array_sum(array_intersect_key($problem->values, array_fill_keys($tools, true)));
        foreach ($split->parts as $part) {
            [$gained, $bound] = $this->part($part);
            $tools = [...$tools, ...$gained];
            $atLeast += $bound;
        }
        $this->leastCost = $this->reduction->costAtLeast($atLeast);

        return $tools;
    }

    /** @return array{list<int>, float} its tools, and a value that no set for it goes below */
    private function part(CoverProblem $part): array
    {
        $gained = $this->known->answer($this->reduction, $part);
        if ($gained !== null) {
            return [$gained, (float) $part->valueOf(array_fill_keys($gained, true))];
        }
        $search = new CoverSearch($part, $this->limit);
        $need = array_sum($part->weights);
        $found = $search->cheapest($need, array_sum($part->values) + 1);
        if ($search->wasStopped()) {
            $this->proven = false;

            return [array_keys($found ?? $this->greedy($part, $need)), max(0.0, $search->rootBound)];
        }
        // All tools together always serve it, so without a stop there is a set.
        $first = new FirstOfEqual($part, $search);
        $gained = array_keys($first->of($found ?? [], $need));
        if ($first->isSure) {
            $this->known->keep($this->reduction, $part, $gained);
        }
        $this->proven = $this->proven && $first->isSure;

        return [$gained, (float) $part->valueOf(array_fill_keys($gained, true))];
    }

    /** @return array<int, bool> */
    private function greedy(CoverProblem $part, int $need): array
    {
        return $part->pruned($part->filled([], PHP_INT_MAX, $this->limit), $need);
    }

    /**
     * Fills the budget greedily, then asks for a little more weight again and again, each time filling up what
     * is left, until the budget is proved not to reach for more; at last for the same weight at the least cost.
     *
     * @return list<int>
     */
    private function mostWithin(int $limit): array
    {
        $problem = $this->reduction->problem;
        $search = new CoverSearch($problem, $this->limit);
        $gained = $problem->filled([], $limit, $this->limit);
        $weight = $problem->weightServed($gained);
        while ($weight < array_sum($problem->weights)) {
            $more = $search->anyBelow($weight + 1, $limit);
            if ($more === null) {
                break;
            }
            $gained = $problem->filled($more, $limit, $this->limit);
            $weight = $problem->weightServed($gained);
        }
        $gained = $problem->pruned($gained, $weight);
        $gained = $search->cheapest($weight, $problem->valueOf($gained) + 1) ?? $gained;
        // Whatever the bound has found out so far: to serve more than nothing does takes one option at least.
        $atLeast = max($search->rootBound, $weight > $problem->weightServed([]) ? $problem->leastOption() : 0);
        $this->leastCost = $this->reduction->costAtLeast($atLeast);
        $gained = (new FirstOfEqual($problem, $search))->of($gained, $weight);
        $this->proven = ! $search->wasStopped();

        return array_keys($gained);
    }
}
