<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/**
 * Which stones are taken out, so that strokes, taking up and changes together cost least.
 *
 * Every stone costs its change once, whoever uses it; every edge goes the quickest way over those taken out. Exact
 * by branch and bound: with all stones that are not shut out, each edge's quickest way and the changes already
 * decided on are a bound from below, the same ways with all their changes an answer. Stopped after a fixed number of
 * ways looked for the answer stands, unproven.
 */
final class StoneChoice
{
    /** Ways of an edge that are looked for; each of them takes some ten microseconds. */
    private const LOOKS = 10_000;

    private float $best = INF;

    /** @var list<list<int>> the way of each edge */
    private array $ways = [];

    private int $looks = 0;

    /** @param  non-empty-list<StrokeTable>  $edges */
    public function __construct(private readonly array $edges)
    {
        $all = $this->quickest([], null, -1);
        if ($all !== null) {
            $this->search([], [], $all);
        }
    }

    public function isProven(): bool
    {
        return $this->looks < self::LOOKS;
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
     * @param  list<array{float, list<int>}>  $quickest  seconds and way of each edge over the stones that are not shut
     */
    private function search(array $out, array $shut, array $quickest): void
    {
        $strokes = 0.0;
        $users = [];
        foreach ($quickest as [$seconds, $way]) {
            $strokes += $seconds;
            foreach ($way as $stone) {
                $users[$stone] = ($users[$stone] ?? 0) + 1;
            }
        }
        if ($strokes + $this->changes($out) >= $this->best - 1e-9) {
            return;
        }
        $this->keep($strokes + $this->changes($users), array_column($quickest, 1));
        $open = array_diff_key($users, $out);
        if ($open === []) {
            return;
        }
        $stone = $this->dearest($open);
        $without = $this->quickest($shut + [$stone => true], $quickest, $stone);
        if ($without !== null) {
            $this->search($out, $shut + [$stone => true], $without);
        }
        $this->search($out + [$stone => true], $shut, $quickest);
    }

    /**
     * An edge that does not go over the stone that was shut last goes as it did.
     *
     * @param  array<int, bool>  $shut
     * @param  list<array{float, list<int>}>|null  $before  ways while that stone was open; null: none is known
     * @return list<array{float, list<int>}>|null null: these stones do not do, or enough was looked at
     */
    private function quickest(array $shut, ?array $before, int $last): ?array
    {
        $quickest = [];
        foreach ($this->edges as $number => $edge) {
            $known = $before[$number] ?? null;
            if ($known === null || in_array($last, $known[1], true)) {
                if ($this->looks >= self::LOOKS && $before !== null) {
                    return null;
                }
                $this->looks++;
                $known = $edge->best($shut);
            }
            if ($known === null) {
                return null;
            }
            $quickest[] = $known;
        }

        return $quickest;
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
