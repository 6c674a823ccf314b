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

    private readonly CoverSearch $search;

    public function __construct(private readonly KitReduction $reduction, int $mostNodes)
    {
        $this->search = new CoverSearch($reduction->problem, $mostNodes);
    }

    public function find(): self
    {
        $limit = $this->reduction->valueLimit;
        [$need, $gained] = $limit === null ? $this->everything() : $this->mostWithin($limit);
        if ($limit === null) {
            $this->leastCost = $this->reduction->costAtLeast($this->search->rootBound);
        } else {
            $gained = $this->search->cheapest($need, $this->reduction->problem->valueOf($gained) + 1) ?? $gained;
        }
        $this->proven = ! $this->search->wasStopped();
        $this->tools = array_keys($gained);
        sort($this->tools);

        return $this;
    }

    /** @return array{int, array<int, bool>} */
    private function everything(): array
    {
        $problem = $this->reduction->problem;
        $need = array_sum($problem->weights);
        $all = array_fill_keys(array_keys($problem->values), true);

        return [$need, $this->search->cheapest($need, array_sum($problem->values) + 1) ?? $all];
    }

    /**
     * Fills the budget greedily, then asks for a little more weight again and again, each time filling up what
     * is left, until the budget is proved not to reach for more.
     *
     * @return array{int, array<int, bool>}
     */
    private function mostWithin(int $limit): array
    {
        $gained = $this->reduction->problem->filled([], $limit);
        $weight = $this->reduction->problem->weightServed($gained);
        while ($weight < array_sum($this->reduction->problem->weights)) {
            $more = $this->search->anyBelow($weight + 1, $limit);
            if ($more === null) {
                break;
            }
            $gained = $this->reduction->problem->filled($more, $limit);
            $weight = $this->reduction->problem->weightServed($gained);
        }

        return [$weight, $this->reduction->problem->pruned($gained, $weight)];
    }
}
