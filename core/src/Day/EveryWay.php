<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/**
 * Every way of every edge with every way of the others that could still be quicker than the best known.
 *
 * What is fixed so far costs its strokes, its stones and its settings, each at the best that an order could make of it
 * ({@see StoneChoice}); every other edge at least its quickest way.
 */
final class EveryWay
{
    private const EQUAL = 1e-9;

    /** Edges that are gone through in this manner, and steps of the going through: a tenth of a second. */
    private const EDGES = 12;

    private const STEPS = 30_000;

    private int $steps = 0;

    private float $best = INF;

    /** @var list<list<array{list<int>, float}>> ways and seconds by edge, quickest first */
    private array $ways = [];

    /** @var list<float> least seconds of this edge and all after it */
    private array $least = [];

    /**
     * @param  non-empty-list<StrokeTable>  $edges
     * @param  list<int>  $settings  of each edge, by number
     * @param  float  $constant  least seconds beside strokes and stones
     */
    public function __construct(
        private readonly array $edges,
        private readonly array $settings,
        private readonly Handling $handling,
        private readonly float $constant,
    ) {
    }

    /** Whether there are few enough to go through all that may be quicker than this. */
    public function isFew(float $best, int $most): bool
    {
        if (count($this->edges) > self::EDGES) {
            return false;
        }
        $this->best = $best;
        $quickest = array_map(static fn (StrokeTable $edge): float => $edge->best([])[0] ?? INF, $this->edges);
        $spare = $best - $this->constant - array_sum($quickest) - $this->chances([]);
        foreach ($this->edges as $number => $edge) {
            $ways = $edge->within($quickest[$number] + $spare, $most);
            if ($ways === null) {
                return false;
            }
            $costs = array_map(static fn (array $way): array => [$way, $edge->cost($way)], $ways);
            usort($costs, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
            $this->ways[] = $costs;
        }
        $sum = 0.0;
        $least = [0.0];
        foreach (array_reverse($quickest) as $seconds) {
            $sum += $seconds;
            $least[] = $sum;
        }
        $this->least = array_reverse($least);

        return true;
    }

    /**
     * @param  \Closure(list<list<int>>): (float|null)  $try  takes the ways and gives the best so far; null: enough
     * @return bool whether all were gone through
     */
    public function each(\Closure $try): bool
    {
        return $this->from(0, [], 0.0, [], $try);
    }

    /**
     * @param  list<list<int>>  $chosen
     * @param  array<int, non-empty-array<int, bool>>  $on  settings by stone
     * @param  \Closure(list<list<int>>): (float|null)  $try
     */
    private function from(int $edge, array $chosen, float $strokes, array $on, \Closure $try): bool
    {
        if ($edge === count($this->edges)) {
            $best = $try($chosen);
            $this->best = $best ?? $this->best;

            return $best !== null;
        }
        foreach ($this->ways[$edge] as [$way, $seconds]) {
            $sum = $strokes + $seconds;
            $then = $on;
            foreach ($way as $stone) {
                $then[$stone][$this->settings[$edge]] = true;
            }
            $rest = $this->constant + $this->least[$edge + 1];
            if ($sum + $rest + $this->handled($on) >= $this->best - self::EQUAL) {
                break;
            }
            if (++$this->steps > self::STEPS) {
                return false;
            }
            if ($sum + $rest + $this->handled($then) < $this->best - self::EQUAL
                && ! $this->from($edge + 1, [...$chosen, $way], $sum, $then, $try)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<int, non-empty-array<int, bool>>  $on  settings by stone */
    private function handled(array $on): float
    {
        $seconds = $this->chances($on);
        foreach ($on as $stone => $settings) {
            $seconds += $this->opening($stone) + (count($settings) - 1) * $this->handling->resetSeconds;
        }

        return $seconds;
    }

    /**
     * What further stones might save, below 0.
     *
     * @param  array<int, mixed>  $on
     */
    private function chances(array $on): float
    {
        $seconds = 0.0;
        foreach (array_keys($this->edges[0]->stones) as $stone) {
            $seconds += isset($on[$stone]) ? 0.0 : min(0.0, $this->opening($stone));
        }

        return $seconds;
    }

    private function opening(int $stone): float
    {
        return $this->edges[0]->stones[$stone]->changeSeconds - $this->handling->takeUpSeconds;
    }
}
