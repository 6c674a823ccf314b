<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * Exact branch and bound: tools of least value that serve at least a given weight of operations. Which of several
 * sets of that value comes first {@see FirstOfEqual} asks.
 *
 * Branches on one tool at a time, in first. A node is left when {@see CoverBound} proves that nothing in it
 * beats the best set found; tools whose reduced value alone would break the bound are decided at once.
 */
final class CoverSearch
{
    private const ROUNDS_AT_ROOT = 250;

    private const ROUNDS_AT_NODE = 16;

    // Values are whole; what lies between the bound and the next whole number is rounding.
    private const ROUNDING = 1e-6;

    /** @var array<int, int> tool by pair */
    private array $pairTool = [];

    /** @var list<list<list<int>>> pairs by operation and option */
    private array $optionPairs = [];

    /** @var array<int, float> */
    private array $rootShares = [];

    private readonly int $grain;

    private int $need = 0;

    private int $best = 0;

    private SearchFor $for = SearchFor::Cheapest;

    /** @var array<int, bool>|null */
    private ?array $found = null;

    /** No set that serves as much is of less value. */
    public float $rootBound = 0.0;

    private bool $stopped = false;

    public function __construct(private readonly CoverProblem $problem, private readonly SearchLimit $limit)
    {
        $grain = 0;
        foreach ($problem->values as $value) {
            $grain = self::commonDivisor($grain, $value);
        }
        $this->grain = max(1, $grain);
        $this->numberPairs();
    }

    /**
     * @param  int  $need  weight to be served
     * @param  int  $below  only a set of smaller value than this is of interest
     * @return array<int, bool>|null the tools gained as keys, or null when there is no such set
     */
    public function cheapest(int $need, int $below): ?array
    {
        // What an earlier search for more weight proved is no bound for this one.
        $this->rootBound = 0.0;

        return $this->search($need, $below, SearchFor::Cheapest);
    }

    /**
     * Any set of smaller value; quicker to find than the cheapest.
     *
     * @param  array<int, bool>  $decided  tools that must be in it, or out of it
     * @return array<int, bool>|null
     */
    public function anyBelow(int $need, int $below, array $decided = []): ?array
    {
        return $this->search($need, $below, SearchFor::Any, $decided);
    }

    /**
     * @param  array<int, bool>  $decided
     * @return array<int, bool>|null
     */
    private function search(int $need, int $below, SearchFor $for, array $decided = []): ?array
    {
        $this->need = $need;
        $this->best = $below;
        $this->found = null;
        $this->for = $for;
        $this->explore($decided, $this->rootShares, $decided === [] ? self::ROUNDS_AT_ROOT : self::ROUNDS_AT_NODE);

        return $this->found;
    }

    /**
     * What every set of smaller value has or lacks, as far as the bound alone tells.
     *
     * @param  array<int, bool>  $decided
     * @return array<int, bool>|null null: what is decided leaves nothing to choose
     */
    public function narrowed(array $decided, int $need, int $below): ?array
    {
        $this->need = $need;
        $this->best = $below;
        $this->found = null;
        $shares = $this->rootShares;
        do {
            $node = $this->settle($decided);
            if ($node === null) {
                return null;
            }
            $target = $this->target($this->problem->valueOf(array_filter($decided)));
            $bound = new CoverBound($node, $shares, $this->limit);
            $bound->improve($target, self::ROUNDS_AT_NODE);
            $this->rootShares = $shares = $bound->shares;
        } while ($this->decideByBound($decided, $bound, $target));

        return $decided;
    }

    /** Whether the time was up before all was searched. */
    public function wasStopped(): bool
    {
        return $this->stopped;
    }

    private function numberPairs(): void
    {
        $pairs = $uses = [];
        foreach ($this->problem->options as $operation => $options) {
            $this->optionPairs[$operation] = [];
            foreach ($options as $tools) {
                $option = [];
                foreach ($tools as $tool) {
                    $pair = $pairs[$operation][$tool] ??= count($this->pairTool);
                    $this->pairTool[$pair] = $tool;
                    $option[] = $pair;
                }
                $this->optionPairs[$operation][] = $option;
            }
            foreach ($pairs[$operation] ?? [] as $tool => $_) {
                $uses[$tool] = ($uses[$tool] ?? 0) + 1;
            }
        }
        foreach ($this->pairTool as $pair => $tool) {
            $this->rootShares[$pair] = $this->problem->values[$tool] / $uses[$tool];
        }
    }

    /**
     * @param  array<int, bool>  $decided
     * @param  array<int, float>  $shares
     */
    private function explore(array $decided, array $shares, int $rounds): void
    {
        if (($this->for === SearchFor::Any && $this->found !== null) || $this->isStopped($rounds)) {
            return;
        }
        do {
            $node = $this->settle($decided);
            if ($node === null) {
                return;
            }
            $spent = $this->problem->valueOf(array_filter($decided));
            $target = $this->target($spent);
            $bound = new CoverBound($node, $shares, $this->limit);
            $bound->improve($target, $rounds);
            if ($rounds === self::ROUNDS_AT_ROOT) {
                $this->rootBound = $spent + $bound->bound;
                $this->rootShares = $bound->shares;
            }
            if ($bound->bound >= $target) {
                return;
            }
            $this->tryRounded($decided, $bound);
            $shares = $bound->shares;
            $rounds = self::ROUNDS_AT_NODE;
        } while ($this->decideByBound($decided, $bound, $this->target($spent)));
        $this->branch($decided, $bound);
    }

    /** The root is always looked at: it gives the bound, and a first set. */
    private function isStopped(int $rounds): bool
    {
        return $this->stopped = $this->stopped || ($rounds !== self::ROUNDS_AT_ROOT && $this->limit->isOver());
    }

    /**
     * What the rest must be proved to cost for a node to be left: a little more than the largest value still of
     * interest.
     */
    private function target(int $spent): float
    {
        return intdiv($this->best - 1, $this->grain) * $this->grain - $spent + self::ROUNDING;
    }

    /**
     * Takes in what is forced; keeps a complete set; null when there is nothing left to look for here.
     *
     * @param  array<int, bool>  $decided
     */
    private function settle(array &$decided): ?CoverNode
    {
        do {
            $node = new CoverNode(
                $this->pairTool,
                $this->problem->weights,
                $this->optionPairs,
                $this->problem->values,
                $decided,
                $this->need,
            );
            if ($this->problem->valueOf(array_filter($decided)) >= $this->best || $node->slack < 0) {
                return null;
            }
            if ($node->need <= 0) {
                $this->keep(array_filter($decided));

                return null;
            }
            $forced = $node->forcedTools();
            foreach ($forced as $tool) {
                $decided[$tool] = true;
            }
        } while ($forced !== []);

        return $node;
    }

    /** @param  array<int, bool>  $gained */
    private function keep(array $gained): void
    {
        $value = $this->problem->valueOf($gained);
        if ($value < $this->best) {
            $this->best = $value;
            $this->found = $gained;
        }
    }

    /**
     * What the relaxed operations asked for, freed of what is not needed, is often a good set.
     *
     * @param  array<int, bool>  $decided
     */
    private function tryRounded(array $decided, CoverBound $bound): void
    {
        $in = array_filter($decided);
        $gained = $in + array_fill_keys(array_keys($bound->wanted), true);
        if ($this->problem->weightServed($gained) < $this->need) {
            return;
        }
        $this->keep($this->problem->pruned($gained, $this->need, $in));
    }

    /**
     * @param  array<int, bool>  $decided
     * @return bool whether any tool was decided
     */
    private function decideByBound(array &$decided, CoverBound $bound, float $target): bool
    {
        $before = count($decided);
        foreach ($bound->reducedValue as $tool => $reduced) {
            if ($bound->bound + abs($reduced) >= $target) {
                $decided[$tool] = $reduced < 0;
            }
        }

        return count($decided) > $before;
    }

    /** @param  array<int, bool>  $decided */
    private function branch(array $decided, CoverBound $bound): void
    {
        $tool = null;
        $most = -INF;
        foreach ($bound->reducedValue as $candidate => $reduced) {
            // The tool that most operations want and whose value the shares have used up tells most.
            $score = ($bound->wanted[$candidate] ?? 0.0) - (4 * abs($reduced)) / $this->problem->values[$candidate];
            if ($score > $most) {
                $most = $score;
                $tool = $candidate;
            }
        }
        if ($tool === null) {
            return;
        }
        $this->explore([$tool => true] + $decided, $bound->shares, self::ROUNDS_AT_NODE);
        $this->explore([$tool => false] + $decided, $bound->shares, self::ROUNDS_AT_NODE);
    }

    private static function commonDivisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::commonDivisor($b, $a % $b);
    }
}
