<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

use JackRest\Core\Edge\Abrasive;

/**
 * Which stones are taken out when the order were as good as can be thought of: a bound from below for the day, and the
 * choice that reaches it.
 *
 * At the best one edge goes on from each stone to the next without being taken up again, and the guide is reset on a
 * stone only between its own settings. So a stone costs its change less one taking up, a further setting on it one
 * reset, and every edge goes its quickest way over what is taken out. Exact by branch and bound, over stones and then
 * over who may use them; stopped after a fixed number of ways looked for, the bound is the least of what was left.
 */
final class StoneChoice
{
    /** Ways of an edge that are looked for; each of them takes some ten microseconds… */
    private const LOOKS = 8_000;

    /** …and so does looking through the ways of so many edges. */
    private const EDGES_A_LOOK = 10;

    private const EQUAL = 1e-9;

    private float $best = INF;

    /** Least that anything not looked into may cost. */
    private float $left = INF;

    /** @var list<list<int>> the way of each edge */
    private array $ways = [];

    private int $looks = 0;

    /** @var list<float> what taking out each stone costs at the best; below 0 where it takes less than taking up */
    private readonly array $opening;

    /**
     * @param  non-empty-list<StrokeTable>  $edges
     * @param  list<int>  $settings  of each edge, by number
     */
    public function __construct(
        private readonly array $edges,
        private readonly array $settings,
        private readonly Handling $handling,
    ) {
        $this->opening = array_map(
            static fn (Abrasive $stone): float => $stone->changeSeconds - $handling->takeUpSeconds,
            $edges[0]->stones,
        );
        $quickest = $this->quickest([], []);
        if ($quickest !== null) {
            $this->search(StonesDecided::none(), $quickest);
        }
    }

    /** What no choice and no order can be quicker than, but for the constants of the day; infinite: none does. */
    public function boundSeconds(): float
    {
        return min($this->best, $this->left);
    }

    /** @return list<list<int>> stones by edge, coarse to fine */
    public function ways(): array
    {
        return $this->ways;
    }

    /** @param  list<array{float, list<int>}>  $quickest  seconds and way of each edge over the stones left to it */
    private function search(StonesDecided $decided, array $quickest): void
    {
        $this->looks += 1 + intdiv(count($this->edges), self::EDGES_A_LOOK);
        $use = StoneUse::of(array_column($quickest, 1), $this->settings);
        $strokes = array_sum(array_column($quickest, 0));
        $bound = $strokes + $this->sure($decided) + $this->chances($decided);
        if ($bound >= $this->best - self::EQUAL) {
            return;
        }
        $this->keep($strokes + $this->cost($use), array_column($quickest, 1));
        $stone = $use->dearestOutside($decided->out, $this->opening);
        $pair = $stone !== null || $this->handling->resetSeconds <= 0.0 ? null : $use->rarestPair($decided->in);
        if ($stone !== null) {
            $this->look($decided->shut($stone), $quickest, $bound);
            $this->search($decided->take($stone), $quickest);
        } elseif ($pair !== null) {
            $this->look($decided->bar(...$pair), $quickest, $bound);
            $this->search($decided->let(...$pair), $quickest);
        } elseif ($bound < $strokes + $this->cost($use) - self::EQUAL) {
            $this->left = min($this->left, $bound);
        }
    }

    /** @param  list<array{float, list<int>}>  $before */
    private function look(StonesDecided $decided, array $before, float $bound): void
    {
        if ($this->looks >= self::LOOKS) {
            $this->left = min($this->left, $bound);

            return;
        }
        $quickest = $this->quickest($decided->closed($this->settings), $before);
        if ($quickest !== null) {
            $this->search($decided, $quickest);
        }
    }

    /**
     * An edge that does not go over anything closed to it goes as it did.
     *
     * @param  array<int, array<int, bool>>  $closed  stones by setting
     * @param  list<array{float, list<int>}>  $before  ways while more was open
     * @return list<array{float, list<int>}>|null null: these stones do not do
     */
    private function quickest(array $closed, array $before): ?array
    {
        $quickest = [];
        foreach ($this->edges as $number => $edge) {
            $shut = $closed[$this->settings[$number]] ?? [];
            $known = $before[$number] ?? null;
            if ($known === null || array_intersect_key(array_flip($known[1]), $shut) !== []) {
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
        if ($seconds < $this->best - self::EQUAL) {
            $this->best = $seconds;
            $this->ways = $ways;
        }
    }

    /** Stones used, and the settings on each beyond its first. */
    private function cost(StoneUse $use): float
    {
        $seconds = 0.0;
        foreach ($use->users as $stone => $settings) {
            $seconds += $this->opening[$stone] + (count($settings) - 1) * $this->handling->resetSeconds;
        }

        return $seconds;
    }

    /** What is decided on costs so much, whoever uses it. */
    private function sure(StonesDecided $decided): float
    {
        $seconds = 0.0;
        foreach (array_keys($decided->out) as $stone) {
            $settings = max(1, count($decided->in[$stone] ?? []));
            $seconds += $this->opening[$stone] + ($settings - 1) * $this->handling->resetSeconds;
        }

        return $seconds;
    }

    /** What stones that nobody uses yet might save, below 0. */
    private function chances(StonesDecided $decided): float
    {
        $seconds = 0.0;
        foreach ($this->opening as $stone => $opening) {
            $isOpen = ! isset($decided->out[$stone]) && ! isset($decided->shut[$stone]);
            $seconds += $isOpen ? min(0.0, $opening) : 0.0;
        }

        return $seconds;
    }
}
