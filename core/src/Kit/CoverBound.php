<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * A lower bound on what serving enough operations must still cost, with the prices that prove it.
 *
 * Lagrangian relaxation: every operation pays a share of each tool's value; an operation then takes its
 * cheapest option at these shares, a tool whose shares exceed its value is had for the difference. Any
 * shares give a valid bound; subgradient steps improve them (M. Held and R. Karp, 1971). Where only part
 * of the weight is needed, the operations are filled in by share per weight, the last one in part.
 */
final class CoverBound
{
    public float $bound = -INF;

    /** @var array<int, float> value less shares, by undecided tool, at the best shares */
    public array $reducedValue = [];

    /** @var array<int, float> how much of each tool the operations asked for at the best shares */
    public array $wanted = [];

    /** @var array<int, float> share by pair of operation and tool */
    public array $shares;

    private float $step = 1.0;

    private int $idle = 0;

    /**
     * @param  CoverNode  $node  the operations still open
     * @param  array<int, float>  $shares
     */
    public function __construct(private readonly CoverNode $node, array $shares, private readonly SearchLimit $limit)
    {
        $this->shares = $shares;
    }

    /** Improves the bound until it reaches the target or the rounds or the time are used up: once at least. */
    public function improve(float $target, int $rounds): void
    {
        $shares = $this->shares;
        for ($round = 0; $round < $rounds && $this->bound < $target && $this->step > 0.0005; $round++) {
            $shares = $this->oneStep($shares, $target);
            if ($this->limit->isOver()) {
                break;
            }
        }
    }

    /**
     * @param  array<int, float>  $shares
     * @return array<int, float>
     */
    private function oneStep(array $shares, float $target): array
    {
        $node = $this->node;
        $pairTool = $node->pairTool;
        $reduced = $node->undecidedValues;
        foreach ($node->pairs as $pair) {
            $reduced[$pairTool[$pair]] -= $shares[$pair];
        }
        $bound = 0.0;
        foreach ($reduced as $value) {
            if ($value < 0) {
                $bound += $value;
            }
        }
        [$cost, $chosen] = $this->cheapestOptions($shares);
        $part = $this->parts($cost);
        $asked = $wanted = [];
        foreach ($part as $operation => $fraction) {
            $bound += $fraction * $cost[$operation];
            foreach ($chosen[$operation] as $pair) {
                $asked[$pair] = $fraction;
                $wanted[$pairTool[$pair]] = ($wanted[$pairTool[$pair]] ?? 0.0) + $fraction;
            }
        }
        $this->keep($bound, $reduced, $wanted, $shares);

        return $this->stepped($shares, $reduced, $asked, $target - $bound);
    }

    /**
     * @param  array<int, float>  $shares
     * @return array{array<int, float>, array<int, list<int>>} cost and pairs of the cheapest option, by operation
     */
    private function cheapestOptions(array $shares): array
    {
        $cost = $chosen = [];
        foreach ($this->node->options as $operation => $options) {
            $least = INF;
            foreach ($options as $pairs) {
                $sum = 0.0;
                foreach ($pairs as $pair) {
                    $sum += $shares[$pair];
                }
                if ($sum < $least) {
                    $least = $sum;
                    $chosen[$operation] = $pairs;
                }
            }
            $cost[$operation] = $least;
        }

        return [$cost, $chosen];
    }

    /**
     * How much of each operation the bound counts: all of it, or the cheapest by weight up to what is needed.
     *
     * @param  array<int, float>  $cost
     * @return array<int, float>
     */
    private function parts(array $cost): array
    {
        $node = $this->node;
        if ($node->slack === 0) {
            return array_fill_keys(array_keys($cost), 1.0);
        }
        $parts = $perWeight = [];
        $need = $node->need;
        foreach ($cost as $operation => $least) {
            $weight = $node->weights[$operation];
            if ($weight > $node->slack) {
                $parts[$operation] = 1.0;
                $need -= $weight;
            } elseif ($weight > 0) {
                $perWeight[$operation] = $least / $weight;
            }
        }
        asort($perWeight);
        foreach ($perWeight as $operation => $_) {
            if ($need <= 0) {
                break;
            }
            $parts[$operation] = min(1.0, $need / $node->weights[$operation]);
            $need -= $node->weights[$operation];
        }

        return $parts;
    }

    /**
     * @param  array<int, float>  $reduced
     * @param  array<int, float>  $wanted
     * @param  array<int, float>  $shares
     */
    private function keep(float $bound, array $reduced, array $wanted, array $shares): void
    {
        if ($bound > $this->bound + 1e-9) {
            $this->bound = $bound;
            $this->reducedValue = $reduced;
            $this->wanted = $wanted;
            $this->shares = $shares;
            $this->idle = 0;
        } elseif (++$this->idle >= 6) {
            $this->idle = 0;
            $this->step /= 2;
        }
    }

    /**
     * @param  array<int, float>  $shares
     * @param  array<int, float>  $reduced
     * @param  array<int, float>  $asked
     * @return array<int, float>
     */
    private function stepped(array $shares, array $reduced, array $asked, float $gap): array
    {
        $slope = [];
        $norm = 0.0;
        $pairTool = $this->node->pairTool;
        foreach ($this->node->pairs as $pair) {
            $change = ($asked[$pair] ?? 0.0) - ($reduced[$pairTool[$pair]] < 0 ? 1.0 : 0.0);
            if ($change > 0 || ($change < 0 && $shares[$pair] > 0)) {
                $slope[$pair] = $change;
                $norm += $change * $change;
            }
        }
        if ($norm === 0.0) {
            $this->step = 0.0;

            return $shares;
        }
        $length = $this->step * max($gap, 1e-6) / $norm;
        foreach ($slope as $pair => $change) {
            $share = $shares[$pair] + $length * $change;
            $shares[$pair] = $share > 0 ? $share : 0.0;
        }

        return $shares;
    }
}
