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

    /** @param  list<Round>  $rounds */
    public function __construct(private readonly array $rounds, private readonly Handling $handling)
    {
    }

    /** @return array{list<Round>, float} the rounds in order, and the seconds of taking up and resetting */
    public function best(): array
    {
        $states = ['' => 0.0];
        $settings = [];
        $trails = [];
        foreach ($this->rounds as $round) {
            foreach ($round->visits as $visit) {
                $settings[$visit->edge->id] = $visit->edge->setting;
            }
            [$states, $trails[]] = $this->after($states, $round, $settings);
        }
        $last = (string) array_key_first($states);
        foreach ($states as $id => $seconds) {
            $last = $seconds < $states[$last] - self::EQUAL ? (string) $id : $last;
        }
        $ordered = [];
        $seconds = $states[$last];
        foreach (array_reverse($this->rounds, true) as $index => $round) {
            [$before, $first, $end] = $trails[$index][$last];
            array_unshift($ordered, $round->inOrder(self::between($round, $first, $end)));
            $last = $before;
        }

        return [$ordered, $seconds];
    }

    /**
     * The cheapest way to end a round with each of its edges. What it costs to come in depends on the edge it begins
     * with alone, so that is found first.
     *
     * @param  non-empty-array<array-key, float>  $states  seconds by the edge that was last before
     * @param  array<string, string>  $settings
     * @return array{non-empty-array<array-key, float>, array<array-key, array{string, Visit, Visit}>} seconds by the
     *     edge that is last now, and for each the edge that was last before, its own first and its last
     */
    private function after(array $states, Round $round, array $settings): array
    {
        $entered = array_map(fn (Visit $first): array => $this->entered($states, $first, $settings), $round->visits);
        $groups = count(
            array_unique(array_map(static fn (Visit $visit): string => $visit->edge->setting, $round->visits)),
        );
        $isOne = count($round->visits) === 1;
        $next = [];
        $trail = [];
        foreach ($round->visits as $place => $last) {
            $least = INF;
            foreach ($round->visits as $begin => $first) {
                if ($begin === $place && ! $isOne) {
                    continue;
                }
                $seconds = $entered[$begin][0] + $this->inside($round, $groups, $first, $last);
                if ($seconds < $least - self::EQUAL) {
                    $least = $seconds;
                    $trail[$last->edge->id] = [$entered[$begin][1], $first, $last];
                }
            }
            $next[$last->edge->id] = $least;
        }

        return [$next, $trail];
    }

    /**
     * @param  non-empty-array<array-key, float>  $states
     * @param  array<string, string>  $settings
     * @return array{float, string} the least seconds until a round begins with this edge, and the edge before it
     */
    private function entered(array $states, Visit $first, array $settings): array
    {
        $least = INF;
        $from = '';
        foreach ($states as $before => $seconds) {
            $total = $seconds + $this->entering((string) $before, $first, $settings);
            if ($total < $least - self::EQUAL) {
                [$least, $from] = [$total, (string) $before];
            }
        }

        return [$least, $from];
    }

    /** Taking up every edge, and the resets between the first and the last. */
    private function inside(Round $round, int $groups, Visit $first, Visit $last): float
    {
        $resets = $groups === 1 ? 0 : ($first->edge->setting === $last->edge->setting ? $groups : $groups - 1);

        return count($round->visits) * $this->handling->takeUpSeconds + $resets * $this->handling->resetSeconds;
    }

    /** @param  array<string, string>  $settings */
    private function entering(string $before, Visit $first, array $settings): float
    {
        return match (true) {
            $before === '' => 0.0,
            $before === $first->edge->id => -$this->handling->takeUpSeconds,
            default => $settings[$before] === $first->edge->setting ? 0.0 : $this->handling->resetSeconds,
        };
    }

    /** @return non-empty-list<Visit> grouped by setting, with the given ends */
    private static function between(Round $round, Visit $first, Visit $last): array
    {
        if ($first === $last) {
            return [$first];
        }
        $middle = array_values(
            array_filter($round->visits, static fn (Visit $visit): bool => $visit !== $first && $visit !== $last),
        );
        $rank = static fn (Visit $visit): int => match ($visit->edge->setting) {
            $first->edge->setting => 0,
            $last->edge->setting => 2,
            default => 1,
        };
        usort(
            $middle,
            static fn (Visit $a, Visit $b): int => [$rank($a), $a->edge->setting, $a->edge->id] <=> [
                $rank($b),
                $b->edge->setting,
                $b->edge->id,
            ],
        );

        return [$first, ...$middle, $last];
    }
}
