<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * What is left of the problem once some tools are in and some are out.
 *
 * Options name pairs of operation and tool by number, so that a share is one entry of a flat array.
 */
final class CoverNode
{
    /** @var array<int, list<list<int>>> open operations, their live options, the undecided pairs of each */
    public array $options = [];

    /** @var list<int> pairs in any live option */
    public array $pairs = [];

    /** @var array<int, int> value of every tool in any live option */
    public array $undecidedValues = [];

    /** Weight still to be served. */
    public int $need;

    /** Weight of the open operations that may be left unserved; negative: not enough can be served. */
    public int $slack;

    /**
     * @param  array<int, int>  $pairTool
     * @param  list<int>  $weights
     * @param  list<list<list<int>>>  $optionPairs
     * @param  array<int, int>  $values  by tool
     * @param  array<int, bool>  $decided  true = in, false = out, by tool
     */
    public function __construct(
        public readonly array $pairTool,
        public readonly array $weights,
        array $optionPairs,
        array $values,
        array $decided,
        int $need,
    ) {
        $open = 0;
        $pairs = [];
        foreach ($optionPairs as $operation => $options) {
            $live = $this->live($options, $decided);
            if ($live === null) {
                $need -= $weights[$operation];
            } elseif ($live !== []) {
                $open += $weights[$operation];
                $this->options[$operation] = $live;
                foreach ($live as $option) {
                    foreach ($option as $pair) {
                        $pairs[$pair] = true;
                        $this->undecidedValues[$pairTool[$pair]] = $values[$pairTool[$pair]];
                    }
                }
            }
        }
        $this->pairs = array_keys($pairs);
        $this->need = $need;
        $this->slack = $open - $need;
    }

    /** @return list<int> tools in every live option of an operation that cannot be left out */
    public function forcedTools(): array
    {
        $forced = [];
        foreach ($this->options as $operation => $options) {
            if ($this->weights[$operation] <= $this->slack) {
                continue;
            }
            $common = count($options) === 1 ? $options[0] : array_intersect(...$options);
            foreach ($common as $pair) {
                $forced[$this->pairTool[$pair]] = true;
            }
        }

        return array_keys($forced);
    }

    /**
     * @param  list<list<int>>  $options
     * @param  array<int, bool>  $decided
     * @return list<list<int>>|null null when one option is complete
     */
    private function live(array $options, array $decided): ?array
    {
        $live = [];
        foreach ($options as $option) {
            $left = [];
            foreach ($option as $pair) {
                $in = $decided[$this->pairTool[$pair]] ?? null;
                if ($in === false) {
                    continue 2;
                }
                if ($in === null) {
                    $left[] = $pair;
                }
            }
            if ($left === []) {
                return null;
            }
            $live[] = $left;
        }

        return $live;
    }
}
