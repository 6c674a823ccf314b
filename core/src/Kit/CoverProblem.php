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

    /**
     * Adds, as long as the value stays below the limit, the option that serves most weight for its value.
     *
     * @param  array<int, bool>  $gained  keyed by tool
     * @return array<int, bool>
     */
    public function filled(array $gained, int $limit): array
    {
        $value = $this->valueOf($gained);
        while (($add = $this->bestAddition($gained, $limit - $value)) !== []) {
            $gained += $add;
            $value += $this->valueOf($add);
        }

        return $gained;
    }

    /**
     * Leaves out, the dearest first, every tool without which as much is still served.
     *
     * @param  array<int, bool>  $gained  keyed by tool
     * @return array<int, bool>
     */
    public function pruned(array $gained, int $need): array
    {
        uksort($gained, fn (int $a, int $b): int => $this->values[$b] <=> $this->values[$a]);
        foreach (array_keys($gained) as $tool) {
            $without = $gained;
            unset($without[$tool]);
            if ($this->weightServed($without) >= $need) {
                $gained = $without;
            }
        }

        return $gained;
    }

    /**
     * @param  array<int, bool>  $gained
     * @return array<int, bool> tools to add; none where nothing fits
     */
    private function bestAddition(array $gained, int $room): array
    {
        $best = [];
        $most = 0.0;
        foreach ($this->options as $operation => $options) {
            $additions = array_map(
                static fn (array $tools): array => array_diff_key(array_fill_keys($tools, true), $gained),
                $options,
            );
            if (in_array([], $additions, true)) {
                continue;
            }
            foreach ($additions as $add) {
                $value = $this->valueOf($add);
                if ($value < $room && $this->weights[$operation] > $most * $value) {
                    $most = $this->weights[$operation] / $value;
                    $best = $add;
                }
            }
        }

        return $best;
    }
}
