<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/**
 * The best path for every number of stones: dynamic programming over (number of stones, last stone).
 *
 * Of each there is kept its time, the stone before, and its place among all of that length by ids: so that on a tie the
 * ids decide, without a path being built. Two hundred stones make a million and a third of steps.
 */
final class HoningPaths
{
    /** Sums of the same seconds in another order may differ in the last bits; a microsecond is no difference. */
    private const SAME_SECONDS = 1e-6;

    private readonly StrokeModel $model;

    /** @var list<list<int>> by length less one and last stone: the stone before it, -1 for none */
    private array $before = [];

    /** @var array<int, array<int, HoningStep>> by the stone before (−1: none) and the stone: many paths share them */
    private array $steps = [];

    public function __construct(HoningPlanInput $job, private readonly HoningTimes $times)
    {
        $this->model = new StrokeModel($job);
    }

    public static function of(HoningPlanInput $job): self
    {
        return new self($job, new HoningTimes($job));
    }

    /** @return non-empty-list<HoningPath> the best for each number of stones, best first */
    public function bestByLength(): array
    {
        $found = [];
        $this->walk(static function (?HoningEnding $best) use (&$found): bool {
            if ($best !== null) {
                $found[] = $best;
            }

            return true;
        });
        usort($found, self::compare(...));
        $paths = array_map(fn (HoningEnding $one): HoningPath => $this->path($one), $found);
        assert($paths !== []);

        return $paths;
    }

    /** The first of {@see bestByLength}, without the long ones that can no longer be it. */
    public function quickest(): HoningPath
    {
        $best = null;
        $this->walk(static function (?HoningEnding $one, float $least) use (&$best): bool {
            /** @var HoningEnding|null $best */
            if ($one !== null && ($best === null || self::compare($one, $best) < 0)) {
                $best = $one;
            }

            // Another stone only adds to a path: when all take longer already, none of them is the best.
            return $best === null || $least <= $best->seconds + self::SAME_SECONDS;
        });
        assert($best instanceof HoningEnding);

        return $this->path($best);
    }

    /** The best with just so many stones; null: there is none. */
    public function ofLength(int $stones): ?HoningPath
    {
        $last = null;
        $this->walk(static function (?HoningEnding $one, float $least, int $length) use ($stones, &$last): bool {
            $last = $length === $stones ? $one : null;

            return $length < $stones;
        });

        return $last instanceof HoningEnding ? $this->path($last) : null;
    }

    /** By time, then fewer stones; among those of one length there is one alone. */
    private static function compare(HoningEnding $a, HoningEnding $b): int
    {
        return abs($a->seconds - $b->seconds) > self::SAME_SECONDS
            ? $a->seconds <=> $b->seconds
            : $a->length <=> $b->length;
    }

    /**
     * Length by length, until there is none so long or none is wanted.
     *
     * @param  callable(HoningEnding|null, float, int): bool  $goesOn  is told the best that ends fine enough, the least
     *     time of any, and the length
     */
    private function walk(callable $goesOn): void
    {
        $none = array_fill(0, count($this->times->stones), 0);
        $this->before = [array_fill(0, count($none), -1)];
        $times = $this->times->first;
        $ranks = $this->ranks($none);
        for ($length = 1; $times !== [] && is_finite(min($times)); $length++) {
            if (! $goesOn($this->bestFineEnough($length, $times, $ranks), min($times), $length)) {
                return;
            }
            [$times, $places] = $this->oneStoneMore($length, $times, $ranks);
            $ranks = $this->ranks($places);
        }
    }

    /**
     * @param  list<float>  $times  by last stone; infinite where none ends
     * @param  list<int>  $ranks  the place of each by its ids
     * @return array{list<float>, list<int>} the same one stone longer; and the ranks of what stood before
     */
    private function oneStoneMore(int $length, array $times, array $ranks): array
    {
        [$longer, $places, $before] = [[], [], []];
        foreach ($this->times->after as $to => $after) {
            [$least, $most, $place, $last] = [INF, INF, 0, -1];
            // So long a path ends on the so manieth stone at the earliest.
            for ($from = $length - 1; $from < $to; $from++) {
                $sum = $times[$from] + $after[$from];
                if ($sum > $most || $sum === INF) {
                    continue;
                }
                if ($sum < $least - self::SAME_SECONDS || $ranks[$from] < $place) {
                    $least = $sum;
                    $most = $sum + self::SAME_SECONDS;
                    $place = $ranks[$from];
                    $last = $from;
                }
            }
            $longer[] = $least;
            $places[] = $place;
            $before[] = $last;
        }
        $this->before[] = $before;

        return [$longer, $places];
    }

    /**
     * @param  list<int>  $places  of what stood before, by last stone
     * @return list<int> the place of each among its like: by what stood before it, then by its own id
     */
    private function ranks(array $places): array
    {
        $count = count($this->times->stones);
        $order = [];
        foreach ($places as $last => $place) {
            $order[$last] = $place * $count + $this->times->byId[$last];
        }
        asort($order);
        $ranks = array_fill(0, $count, 0);
        foreach (array_keys($order) as $rank => $last) {
            $ranks[$last] = $rank;
        }

        return array_values($ranks);
    }

    /**
     * @param  list<float>  $times  by last stone
     * @param  list<int>  $ranks
     */
    private function bestFineEnough(int $length, array $times, array $ranks): ?HoningEnding
    {
        $best = null;
        foreach ($times as $last => $seconds) {
            if ($seconds === INF || ! $this->times->isFineEnough[$last]) {
                continue;
            }
            $isTie = $best !== null && abs($seconds - $best->seconds) <= self::SAME_SECONDS;
            if ($best === null || ($isTie ? $ranks[$last] < $ranks[$best->last] : $seconds < $best->seconds)) {
                $best = new HoningEnding($length, $last, $seconds);
            }
        }

        return $best;
    }

    private function path(HoningEnding $ending): HoningPath
    {
        $places = [];
        for ($length = $ending->length, $at = $ending->last; $at >= 0; $at = $this->before[--$length][$at] ?? -1) {
            $places[] = $at;
        }
        $steps = [];
        $seconds = 0.0;
        $before = -1;
        for ($place = count($places) - 1; $place >= 0; $place--) {
            $at = $places[$place];
            $steps[] = $step = $this->steps[$before][$at] ??= $this->model->step(
                $this->times->stones[$before] ?? null,
                $this->times->stones[$at],
            );
            $seconds += $step->seconds;
            $before = $at;
        }

        return new HoningPath($steps, $seconds);
    }
}
