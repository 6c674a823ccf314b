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
     * @param  list<int>  $values  by tool
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
        $weight = 0;
        foreach ($this->options as $operation => $options) {
            foreach ($options as $tools) {
                foreach ($tools as $tool) {
                    if (! isset($gained[$tool])) {
                        continue 2;
                    }
                }
                $weight += $this->weights[$operation];

                continue 2;
            }
        }

        return $weight;
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
}
