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
    /** @param  list<Round>  $rounds */
    public function __construct(private readonly array $rounds, private readonly Handling $handling)
    {
    }

    /** @return array{list<Round>, float} the rounds in order, and the seconds of taking up and resetting */
    public function best(): array
    {
        /** @var array<string, array{float, list<list<Visit>>}> $states by the edge that was last */
        $states = ['' => [0.0, []]];
        $settings = [];
        foreach ($this->rounds as $round) {
            assert($states !== []);
            foreach ($round->visits as $visit) {
                $settings[$visit->edge->id] = $visit->edge->setting;
            }
            $states = $this->after($states, $round, $settings);
        }
        assert($states !== []);
        $best = $states[array_key_first($states)];
        foreach ($states as $state) {
            $best = $state[0] < $best[0] - 1e-9 ? $state : $best;
        }
        $ordered = [];
        foreach ($this->rounds as $index => $round) {
            $visits = $best[1][$index];
            assert($visits !== []);
            $ordered[] = $round->inOrder($visits);
        }

        return [$ordered, $best[0]];
    }

    /**
     * @param  non-empty-array<string, array{float, list<list<Visit>>}>  $states
     * @param  array<string, string>  $settings
     * @return non-empty-array<string, array{float, list<list<Visit>>}>
     */
    private function after(array $states, Round $round, array $settings): array
    {
        $next = [];
        foreach ($this->ends($round) as [$first, $last]) {
            $inner = $this->inside($round, $first, $last);
            foreach ($states as $before => [$seconds, $done]) {
                $total = $seconds + $inner + $this->entering((string) $before, $first, $settings);
                if (! isset($next[$last->edge->id]) || $total < $next[$last->edge->id][0] - 1e-9) {
                    $next[$last->edge->id] = [$total, [...$done, self::between($round, $first, $last)]];
                }
            }
        }
        assert($next !== []);

        return $next;
    }

    /** @return list<array{Visit, Visit}> */
    private function ends(Round $round): array
    {
        $ends = [];
        foreach ($round->visits as $first) {
            foreach ($round->visits as $last) {
                if ($first !== $last || count($round->visits) === 1) {
                    $ends[] = [$first, $last];
                }
            }
        }

        return $ends;
    }

    /** Taking up every edge, and the resets between the first and the last. */
    private function inside(Round $round, Visit $first, Visit $last): float
    {
        $groups = count(
            array_unique(array_map(static fn (Visit $visit): string => $visit->edge->setting, $round->visits)),
        );
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

    /** @return list<Visit> grouped by setting, with the given ends */
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
