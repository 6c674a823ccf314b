<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/**
 * Which stones each edge goes over and in which order, chosen together: a way that costs one more stone may save taking
 * the edge up again, and the other way round.
 *
 * {@see StoneChoice} gives a bound from below and the ways that reach it; {@see RoundOrder} what those ways take in
 * truth. Where the two differ, each edge's other ways are tried, first one edge at a time, then all together where they
 * are few: that is what proves it. A large day stops sooner and says how far from the least it may be.
 */
final class StonesAndOrder
{
    private const EQUAL = 1e-9;

    /** Ways of one edge that are tried with all ways of the others. */
    private const WAYS = 400;

    /** What may be spent on trying, in pairs of edges on one stone: each is weighed in about a microsecond. */
    private const EFFORT = 150_000;

    /** @var list<list<int>> */
    private array $ways;

    private float $seconds;

    private float $bound;

    private float $effort = 0.0;

    /** Least that goes to stones and handling, whatever the ways: see {@see StoneChoice}. */
    private readonly float $constant;

    /**
     * @param  non-empty-list<StrokeTable>  $edges
     * @param  list<int>  $settings  of each edge, by number
     * @param  list<non-empty-list<int>>  $before  edges on each wheel that goes before the stones
     * @param  list<non-empty-list<int>>  $after  and on each strop that comes after
     */
    public function __construct(
        private readonly array $edges,
        private readonly array $settings,
        private readonly Handling $handling,
        private readonly array $before,
        private readonly array $after,
    ) {
        $choice = new StoneChoice($edges, $settings, $handling);
        $this->constant = $this->constant();
        $this->bound = $choice->boundSeconds() + $this->constant;
        $this->ways = $choice->ways();
        $this->seconds = $this->ways === [] ? INF : $this->takes($this->ways);
        if ($this->ways !== []) {
            $this->improve();
            $this->tryAll();
        }
    }

    /** @return list<list<int>> stones by edge, coarse to fine; empty: they do not do */
    public function ways(): array
    {
        return $this->ways;
    }

    /** Strokes, changes, taking up and resetting; but for the strokes on wheel and strop. */
    public function seconds(): float
    {
        return $this->seconds;
    }

    /** What no choice of stones and no order can save on it, seconds. */
    public function mayBeOver(): float
    {
        return $this->ways === [] ? 0.0 : max(0.0, $this->seconds - $this->bound);
    }

    public function isProven(): bool
    {
        return $this->mayBeOver() <= 1e-6;
    }

    /**
     * @param  list<list<int>>  $ways
     * @return list<non-empty-list<int>> the edges on each wheel, stone and strop
     */
    public function rounds(array $ways): array
    {
        $on = [];
        foreach ($ways as $edge => $way) {
            foreach ($way as $stone) {
                $on[$stone][] = $edge;
            }
        }
        ksort($on);

        return [...$this->before, ...array_values($on), ...$this->after];
    }

    /** @param  list<list<int>>  $ways */
    private function takes(array $ways): float
    {
        $seconds = 0.0;
        $out = [];
        foreach ($ways as $edge => $way) {
            // Taking up is in the table's figures, and in the order's.
            $seconds += $this->edges[$edge]->cost($way) - count($way) * $this->handling->takeUpSeconds;
            $out += array_flip($way);
        }
        foreach (array_keys($out) as $stone) {
            $seconds += $this->edges[0]->stones[$stone]->changeSeconds;
        }
        $rounds = $this->rounds($ways);
        foreach ($rounds as $round) {
            $this->effort += count($round) ** 2 + 20;
        }

        return $seconds + (new RoundOrder($rounds, $this->settings, $this->handling))->best()[1];
    }

    /** The first taking up is never saved; wheels and strops are handled at the best as {@see StoneChoice} has it. */
    private function constant(): float
    {
        $seconds = $this->handling->takeUpSeconds;
        foreach ([...$this->before, ...$this->after] as $round) {
            $settings = count(array_unique(array_map(fn (int $edge): int => $this->settings[$edge], $round)));
            $seconds += (count($round) - 1) * $this->handling->takeUpSeconds
                + ($settings - 1) * $this->handling->resetSeconds;
        }

        return $seconds;
    }

    /** One edge after the other another way, as long as that helps. */
    private function improve(): void
    {
        do {
            $before = $this->seconds;
            foreach (array_keys($this->edges) as $edge) {
                $least = $this->edges[$edge]->cost($this->ways[$edge]);
                foreach ($this->edges[$edge]->within($least + $this->mayBeOver(), self::WAYS) ?? [] as $way) {
                    if ($this->isProven() || $this->effort > self::EFFORT) {
                        return;
                    }
                    $this->keep([...array_slice($this->ways, 0, $edge), $way, ...array_slice($this->ways, $edge + 1)]);
                }
            }
        } while ($this->seconds < $before - self::EQUAL);
    }

    /** @param  list<list<int>>  $ways */
    private function keep(array $ways): void
    {
        $seconds = $this->takes($ways);
        if ($seconds < $this->seconds - self::EQUAL) {
            [$this->seconds, $this->ways] = [$seconds, $ways];
        }
    }

    /** Every way of every edge with every way of the others; when it ends within its effort, nothing is quicker. */
    private function tryAll(): void
    {
        $all = new EveryWay($this->edges, $this->settings, $this->handling, $this->constant);
        if ($this->isProven() || ! $all->isFew($this->seconds, self::WAYS)) {
            return;
        }
        $goesOn = $all->each(function (array $ways): ?float {
            $this->keep($ways);

            return $this->effort > self::EFFORT ? null : $this->seconds;
        });
        if ($goesOn) {
            $this->bound = $this->seconds;
        }
    }
}
