<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/**
 * Which stones are taken out, so that strokes, taking up and changes together cost least.
 *
 * Every stone costs its change once, whoever uses it; every edge goes the quickest way over those taken out. Exact
 * by branch and bound: with all stones that are not shut out, each edge's quickest way and the changes already
 * decided on are a bound from below, the same ways with all their changes an answer. Stopped after a fixed number of
 * steps the answer stands, unproven.
 */
final class StoneChoice
{
    private const STEPS = 250;

    private float $best = INF;

    /** @var list<list<int>> the way of each edge */
    private array $ways = [];

    private int $steps = 0;

    /** @param  non-empty-list<StrokeTable>  $edges */
    public function __construct(private readonly array $edges)
    {
        $this->search([], []);
    }

    public function isProven(): bool
    {
        return $this->steps < self::STEPS;
    }

    public function seconds(): float
    {
        return $this->best;
    }

    /** @return list<list<int>> stones by edge, coarse to fine */
    public function ways(): array
    {
        return $this->ways;
    }

    /**
     * @param  array<int, bool>  $out  stones taken out for certain
     * @param  array<int, bool>  $shut  stones that stay in the rack
     */
    private function search(array $out, array $shut): void
    {
        if ($this->steps >= self::STEPS) {
            return;
        }
        $this->steps++;
        $strokes = 0.0;
        $ways = [];
        $users = [];
        foreach ($this->edges as $edge) {
            $way = $edge->best($shut);
            if ($way === null) {
                return;
            }
            $strokes += $way[0];
            $ways[] = $way[1];
            foreach ($way[1] as $stone) {
                $users[$stone] = ($users[$stone] ?? 0) + 1;
            }
        }
        if ($strokes + $this->changes($out) >= $this->best - 1e-9) {
            return;
        }
        $this->keep($strokes + $this->changes($users), $ways);
        $open = array_diff_key($users, $out);
        if ($open === []) {
            return;
        }
        $stone = $this->dearest($open);
        $this->search($out, $shut + [$stone => true]);
        $this->search($out + [$stone => true], $shut);
    }

    /** @param  list<list<int>>  $ways */
    private function keep(float $seconds, array $ways): void
    {
        if ($seconds < $this->best - 1e-9) {
            $this->best = $seconds;
            $this->ways = $ways;
        }
    }

    /** @param  array<int, mixed>  $stones */
    private function changes(array $stones): float
    {
        $seconds = 0.0;
        foreach (array_keys($stones) as $stone) {
            $seconds += $this->edges[0]->stones[$stone]->changeSeconds;
        }

        return $seconds;
    }

    /**
     * The stone whose change is spread over the fewest edges: it is likeliest to stay in the rack.
     *
     * @param  non-empty-array<int, int>  $users  edges by stone
     */
    private function dearest(array $users): int
    {
        $dearest = array_key_first($users);
        foreach ($users as $stone => $edges) {
            if (
                $this->edges[0]->stones[$stone]->changeSeconds / $edges >
                $this->edges[0]->stones[$dearest]->changeSeconds / $users[$dearest]
            ) {
                $dearest = $stone;
            }
        }

        return $dearest;
    }
}
