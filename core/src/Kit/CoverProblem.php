<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * The bare combinatorial problem: every operation has options, an option is a set of tools to get.
 *
 * Tools are numbered in alphabetical order of their ids. Values are whole numbers that put cost first and
 * the number of tools second: value = cost·(n + 1) + 1, so the least value is the least cost and then the
 * fewest tools.
 */
final readonly class CoverProblem
{
    /**
     * @param  array<int, int>  $values  by tool
     * @param  list<int>  $weights  by operation
     * @param  list<list<list<int>>>  $options  by operation, each a set of tools; none contains another
     */
    public function __construct(public array $values, public array $weights, public array $options)
    {
    }

    /**
     * @param  array<int, bool>  $gained  keyed by tool
     * @return int summed weight of the operations that have an option within the tools gained
     */
    public function weightServed(array $gained): int
    {
        return (new CoverTally($this, $gained))->weight;
    }

    /** @param  array<int, bool>  $gained keyed by tool */
    public function valueOf(array $gained): int
    {
        $value = 0;
        foreach ($gained as $tool => $_) {
            $value += $this->values[$tool];
        }

        return $value;
    }

    /** Value of the cheapest of all options that take a tool; 0 where there is none. */
    public function leastOption(): int
    {
        $least = null;
        foreach ($this->options as $options) {
            foreach (array_filter($options) as $tools) {
                $value = $this->valueOf(array_fill_keys($tools, true));
                $least = min($least ?? $value, $value);
            }
        }

        return $least ?? 0;
    }

    /**
     * Adds, as long as the value stays below the limit, the option that serves most weight for its value.
     *
     * @param  array<int, bool>  $gained  keyed by tool
     * @return array<int, bool>
     */
    public function filled(array $gained, int $limit, SearchLimit $time): array
    {
        $tally = new CoverTally($this, $gained);
        $value = $this->valueOf($gained);
        while (! $time->isOver() && ($add = $tally->bestBelow($limit - $value)) !== []) {
            foreach (array_diff_key(array_fill_keys($add, true), $gained) as $tool => $in) {
                $gained[$tool] = $in;
                $value += $this->values[$tool];
                $tally->add($tool);
            }
        }

        return $gained;
    }

    /**
     * Leaves out, the dearest first, every tool without which as much is still served.
     *
     * @param  array<int, bool>  $gained  keyed by tool
     * @param  array<int, bool>  $kept  tools that stay whatever they serve, keyed by tool
     * @return array<int, bool>
     */
    public function pruned(array $gained, int $need, array $kept = []): array
    {
        $tally = new CoverTally($this, $gained);
        $loose = array_diff_key($gained, $kept);
        uksort($loose, fn (int $a, int $b): int => $this->values[$b] <=> $this->values[$a]);
        foreach (array_keys($loose) as $tool) {
            $tally->remove($tool);
            if ($tally->weight >= $need) {
                unset($gained[$tool]);
            } else {
                $tally->add($tool);
            }
        }

        return $gained;
    }
}
