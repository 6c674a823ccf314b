<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/**
 * In which order edges go over each stone, so that taking up and resetting the guide cost least.
 *
 * The edge that was last on one stone may go first on the next: it need not be taken up again. Edges of one setting
 * stand together, and the setting a stone ends with is the one the next begins with where that saves a reset. Exact
 * by dynamic programming over the last edge on each stone.
 */
final class RoundOrder
{
    private const EQUAL = 1e-9;

    private const NOBODY = -1;

    /**
     * @param  list<non-empty-list<int>>  $rounds  the edges on each stone, by number
     * @param  list<int>  $settings  of each edge, by number
     */
    public function __construct(
        private readonly array $rounds,
        private readonly array $settings,
        private readonly Handling $handling,
    ) {
    }

    /** @return array{list<non-empty-list<int>>, float} each round in order, and the seconds of all handling */
    public function best(): array
    {
        $states = [self::NOBODY => 0.0];
        $trails = [];
        foreach ($this->rounds as $round) {
            [$states, $trails[]] = $this->after($states, $round);
        }
        $last = array_key_first($states);
        foreach ($states as $edge => $seconds) {
            $last = $seconds < $states[$last] - self::EQUAL ? $edge : $last;
        }
        $ordered = [];
        $seconds = $states[$last];
        foreach (array_reverse($this->rounds, true) as $index => $round) {
            [$before, $first, $end] = $trails[$index][$last];
            array_unshift($ordered, $this->between($round, $first, $end));
            $last = $before;
        }

        return [$ordered, $seconds];
    }

    /**
     * The cheapest way to end a round with each of its edges. What it costs to come in depends on the edge it begins
     * with alone, so that is found first.
     *
     * @param  non-empty-array<int, float>  $states  seconds by the edge that was last before
     * @param  non-empty-list<int>  $round
     * @return array{non-empty-array<int, float>, array<int, array{int, int, int}>} seconds by the edge that is last
     *     now, and for each the edge that was last before, its own first and its last
     */
    private function after(array $states, array $round): array
    {
        $entered = array_map(fn (int $first): array => $this->entered($states, $first), $round);
        $groups = count(array_unique(array_map(fn (int $edge): int => $this->settings[$edge], $round)));
        $isOne = count($round) === 1;
        $next = [];
        $trail = [];
        foreach ($round as $place => $last) {
            $least = INF;
            foreach ($round as $begin => $first) {
                if ($begin === $place && ! $isOne) {
                    continue;
                }
                $seconds = $entered[$begin][0] + $this->resets($groups, $first, $last);
                if ($seconds < $least - self::EQUAL) {
                    $least = $seconds;
                    $trail[$last] = [$entered[$begin][1], $first, $last];
                }
            }
            $next[$last] = $least + count($round) * $this->handling->takeUpSeconds;
        }

        return [$next, $trail];
    }

    /**
     * @param  non-empty-array<int, float>  $states
     * @return array{float, int} the least seconds until a round begins with this edge, and the edge before it
     */
    private function entered(array $states, int $first): array
    {
        $least = INF;
        $from = self::NOBODY;
        foreach ($states as $before => $seconds) {
            $total = $seconds + $this->entering($before, $first);
            if ($total < $least - self::EQUAL) {
                [$least, $from] = [$total, $before];
            }
        }

        return [$least, $from];
    }

    /** The resets between the first and the last on a stone. */
    private function resets(int $groups, int $first, int $last): float
    {
        $isRound = $this->settings[$first] === $this->settings[$last];

        return ($groups === 1 ? 0 : ($isRound ? $groups : $groups - 1)) * $this->handling->resetSeconds;
    }

    private function entering(int $before, int $first): float
    {
        return match (true) {
            $before < 0 => 0.0,
            $before === $first => -$this->handling->takeUpSeconds,
            default => $this->settings[$before] === $this->settings[$first] ? 0.0 : $this->handling->resetSeconds,
        };
    }

    /**
     * @param  non-empty-list<int>  $round
     * @return non-empty-list<int> grouped by setting, with the given ends
     */
    private function between(array $round, int $first, int $last): array
    {
        if ($first === $last) {
            return [$first];
        }
        $middle = array_values(
            array_filter($round, static fn (int $edge): bool => $edge !== $first && $edge !== $last),
        );
        $place = fn (int $edge): array => [
            match ($this->settings[$edge]) {
                $this->settings[$first] => 0,
                $this->settings[$last] => 2,
                default => 1,
            },
            $this->settings[$edge],
            $edge,
        ];
        usort($middle, static fn (int $a, int $b): int => $place($a) <=> $place($b));

        return [$first, ...$middle, $last];
    }
}
