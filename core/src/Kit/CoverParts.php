<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * What of a cover problem is forced, and the rest as parts that share no tool: each can be solved alone.
 *
 * The least value of the whole is the sum of the parts' least values, and the set whose tools come first is made of
 * the parts' own: both compare tool by tool.
 */
final class CoverParts
{
    /** @var list<int> tools without which something could not be served */
    public array $forced = [];

    /** @var list<CoverProblem> with the numbers of the tools kept */
    public array $parts = [];

    public function __construct(private readonly CoverProblem $problem)
    {
        $options = $this->unforced($problem->options);
        foreach ($this->components($options) as $operations) {
            $this->parts[] = $this->part(array_values(array_intersect_key($options, $operations)));
        }
    }

    /**
     * @param  array<int, list<list<int>>>  $options
     * @return array<int, list<list<int>>> of the operations that what is forced does not serve yet
     */
    private function unforced(array $options): array
    {
        $dominated = new DominatedTools($this->problem->values);
        $forced = [];
        do {
            $before = [count($forced), $options];
            $options = $dominated->leftOut($options);
            foreach ($options as $sets) {
                foreach (count($sets) === 1 ? $sets[0] : array_intersect(...$sets) as $tool) {
                    $forced[$tool] = true;
                }
            }
            if (count($forced) > $before[0]) {
                $options = self::without($options, $forced);
            }
        } while ($before !== [count($forced), $options]);
        $this->forced = array_keys($forced);

        return $options;
    }

    /**
     * @param  array<int, list<list<int>>>  $options
     * @param  array<int, true>  $had
     * @return array<int, list<list<int>>>
     */
    private static function without(array $options, array $had): array
    {
        foreach ($options as $operation => $sets) {
            $left = array_map(
                static fn (array $set): array => array_values(
                    array_filter($set, static fn (int $tool): bool => ! isset($had[$tool])),
                ),
                $sets,
            );
            $options[$operation] = self::smallest($left);
            if (in_array([], $left, true)) {
                unset($options[$operation]);
            }
        }

        return $options;
    }

    /**
     * @param  list<list<int>>  $sets
     * @return list<list<int>> those that contain none of the others
     */
    public static function smallest(array $sets): array
    {
        usort($sets, static fn (array $a, array $b): int => count($a) <=> count($b));
        $kept = [];
        foreach ($sets as $set) {
            foreach ($kept as $smaller) {
                if (array_diff($smaller, $set) === []) {
                    continue 2;
                }
            }
            $kept[] = $set;
        }

        return $kept;
    }

    /**
     * @param  array<int, list<list<int>>>  $options
     * @return list<array<int, true>> operations that hang together, as keys
     */
    private function components(array $options): array
    {
        $with = [];
        foreach ($options as $operation => $sets) {
            foreach (array_merge(...$sets) as $tool) {
                $with[$tool][] = $operation;
            }
        }
        $components = $seen = [];
        foreach (array_keys($options) as $first) {
            if (! isset($seen[$first])) {
                $component = $this->reached($first, $options, $with);
                $components[] = $component;
                $seen += $component;
            }
        }

        return $components;
    }

    /**
     * @param  array<int, list<list<int>>>  $options
     * @param  array<int, list<int>>  $with  operations by tool
     * @return array<int, true> operations that hang together with the first, as keys
     */
    private function reached(int $first, array $options, array $with): array
    {
        $reached = [$first => true];
        $tools = [];
        $queue = [$first];
        while (($operation = array_pop($queue)) !== null) {
            foreach (array_merge(...$options[$operation]) as $tool) {
                foreach (isset($tools[$tool]) ? [] : $with[$tool] as $other) {
                    if (! isset($reached[$other])) {
                        $reached[$other] = true;
                        $queue[] = $other;
                    }
                }
                $tools[$tool] = true;
            }
        }

        return $reached;
    }

    /** @param  list<list<list<int>>>  $options */
    private function part(array $options): CoverProblem
    {
        $tools = array_fill_keys(array_merge(...array_merge(...$options)), true);
        $options = Together::asked($options);

        return new CoverProblem(
            array_intersect_key($this->problem->values, $tools),
            array_fill(0, count($options), 1),
            $options,
        );
    }
}
