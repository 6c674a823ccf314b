<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * What a set of tools serves, kept up to date while tools come and go: each costs only the options that hold it.
 */
final class CoverTally
{
    /** Summed weight of the operations that have an option within the tools gained. */
    public int $weight = 0;

    /** @var array<int, int> how many tools each option still lacks */
    private array $lacks = [];

    /** @var array<int, int> value of the tools each option still lacks */
    private array $lacking = [];

    /** @var list<int> operation of each option */
    private array $operationOf = [];

    /** @var array<int, list<int>> options by tool */
    private array $optionsWith = [];

    /** @var list<list<int>> tools of each option */
    private array $tools = [];

    /** @var array<int, int> how many options of each operation lack nothing */
    private array $complete = [];

    /** @param  array<int, bool>  $gained  keyed by tool */
    public function __construct(private readonly CoverProblem $problem, array $gained)
    {
        foreach ($problem->options as $operation => $options) {
            $this->complete[$operation] = 0;
            foreach ($options as $tools) {
                $this->index($operation, $tools);
            }
        }
        foreach (array_keys($gained) as $tool) {
            $this->add($tool);
        }
    }

    public function add(int $tool): void
    {
        foreach ($this->optionsWith[$tool] ?? [] as $option) {
            $this->lacking[$option] -= $this->problem->values[$tool];
            if (--$this->lacks[$option] === 0 && ++$this->complete[$this->operationOf[$option]] === 1) {
                $this->weight += $this->problem->weights[$this->operationOf[$option]];
            }
        }
    }

    public function remove(int $tool): void
    {
        foreach ($this->optionsWith[$tool] ?? [] as $option) {
            $this->lacking[$option] += $this->problem->values[$tool];
            if ($this->lacks[$option]++ === 0 && --$this->complete[$this->operationOf[$option]] === 0) {
                $this->weight -= $this->problem->weights[$this->operationOf[$option]];
            }
        }
    }

    /** @return list<int> tools of the option that serves most weight for what it lacks; none where nothing fits */
    public function bestBelow(int $room): array
    {
        $best = [];
        $most = 0.0;
        foreach ($this->lacking as $option => $value) {
            $operation = $this->operationOf[$option];
            if (
                $value < $room &&
                $this->complete[$operation] === 0 &&
                $this->problem->weights[$operation] > $most * $value
            ) {
                $most = $this->problem->weights[$operation] / $value;
                $best = $this->tools[$option];
            }
        }

        return $best;
    }

    /** @param  list<int>  $tools */
    private function index(int $operation, array $tools): void
    {
        $option = count($this->tools);
        $this->tools[] = $tools;
        $this->operationOf[] = $operation;
        $this->lacks[] = count($tools);
        $value = 0;
        foreach ($tools as $tool) {
            $this->optionsWith[$tool][] = $option;
            $value += $this->problem->values[$tool];
        }
        $this->lacking[] = $value;
        if ($tools === [] && ++$this->complete[$operation] === 1) {
            $this->weight += $this->problem->weights[$operation];
        }
    }
}
