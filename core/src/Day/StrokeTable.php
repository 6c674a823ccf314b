<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\HoningStep;
use JackRest\Core\Edge\StrokeModel;

/**
 * Seconds of one edge on each stone after each other, without the stone's own change: the day pays that once.
 *
 * Stones are numbered coarse to fine, the same for every edge of a day.
 */
final class StrokeTable
{
    private readonly StrokeModel $model;

    /** @var list<Abrasive> coarse to fine */
    public readonly array $stones;

    /** @var list<Abrasive> the same without their changes */
    private readonly array $bare;

    /** @var list<float> seconds where it is the first */
    private array $first = [];

    /**
     * Seconds on a stone (first index) after each coarser one (second index); infinite where it may not follow.
     *
     * @var list<list<float>>
     */
    private array $after = [];

    /** @var list<bool> */
    private array $isFine = [];

    /** @var list<int>|null the way its school goes; null: whichever is quickest */
    private readonly ?array $own;

    public function __construct(DayEdge $edge, Handling $handling)
    {
        $this->stones = self::inOrder($edge->job);
        $this->model = new StrokeModel($edge->job);
        $this->bare = array_map(
            static fn (Abrasive $stone): Abrasive => new Abrasive($stone->id, $stone->particleUm, $stone->cutFactor),
            $this->stones,
        );
        foreach ($this->bare as $index => $stone) {
            $this->first[] = $this->model->seconds(null, $stone) + $handling->takeUpSeconds;
            $this->isFine[] = $this->model->isFineEnough($stone);
            $this->after[] = array_map(
                static fn (float $seconds): float => $seconds + $handling->takeUpSeconds,
                $this->model->secondsAfter(array_slice($this->bare, 0, $index), $stone),
            );
        }
        $this->own = $this->wayOfSchool($edge);
    }

    /** @return list<Abrasive> coarse to fine */
    public static function inOrder(HoningPlanInput $job): array
    {
        $stones = $job->abrasives;
        usort(
            $stones,
            static fn (Abrasive $a, Abrasive $b): int => [$b->particleUm, $a->id] <=> [$a->particleUm, $b->id],
        );

        return $stones;
    }

    /**
     * The quickest way over the stones allowed; a school with a way of its own keeps to it.
     *
     * @param  array<int, bool>  $shut  stones that stay in the rack
     * @return array{float, list<int>}|null null: these stones do not do
     */
    public function best(array $shut): ?array
    {
        if ($this->own !== null) {
            return array_intersect_key(array_flip($this->own), $shut) === []
                ? [$this->cost($this->own), $this->own]
                : null;
        }
        $open = [];
        $until = [];
        $from = [];
        $best = null;
        foreach ($this->first as $stone => $seconds) {
            if (isset($shut[$stone])) {
                continue;
            }
            $from[$stone] = null;
            $after = $this->after[$stone];
            // Most stones stay in the rack: the open ones alone are gone through.
            foreach ($open as $before) {
                $sum = $until[$before] + $after[$before];
                if ($sum < $seconds) {
                    $seconds = $sum;
                    $from[$stone] = $before;
                }
            }
            $open[] = $stone;
            $until[$stone] = $seconds;
            if ($this->isFine[$stone] && ($best === null || $seconds < $until[$best])) {
                $best = $stone;
            }
        }

        return $best === null ? null : [$until[$best], self::back($best, $from)];
    }

    /**
     * Every way that takes no longer than this, in no certain order.
     *
     * @return list<list<int>>|null null: there are more than so many
     */
    public function within(float $seconds, int $most): ?array
    {
        if ($this->own !== null) {
            return $this->cost($this->own) <= $seconds ? [$this->own] : [];
        }
        $found = [];
        $open = [];
        foreach ($this->first as $stone => $first) {
            $open[] = [[$stone], $first];
        }
        while ($open !== []) {
            [$way, $sum] = array_pop($open);
            if ($sum > $seconds) {
                continue;
            }
            $last = $way[count($way) - 1];
            if ($this->isFine[$last]) {
                $found[] = $way;
            }
            if (count($found) + count($open) > $most) {
                return null;
            }
            for ($next = $last + 1; $next < count($this->first); $next++) {
                $open[] = [[...$way, $next], $sum + $this->after[$next][$last]];
            }
        }

        return $found;
    }

    /**
     * @param  list<int>  $path
     * @return list<HoningStep> without the stones' changes
     */
    public function steps(array $path): array
    {
        $steps = [];
        $before = null;
        foreach ($path as $stone) {
            $steps[] = $this->model->step($before, $this->bare[$stone]);
            $before = $this->bare[$stone];
        }

        return $steps;
    }

    /** @param  list<int>  $path */
    public function cost(array $path): float
    {
        $seconds = 0.0;
        $before = null;
        foreach ($path as $stone) {
            $seconds += $before === null ? $this->first[$stone] : $this->after[$stone][$before];
            $before = $stone;
        }

        return $seconds;
    }

    /** @return list<int>|null */
    private function wayOfSchool(DayEdge $edge): ?array
    {
        $path = $edge->path->isFree() ? null : $edge->path->over($edge->job);
        $number = array_flip(array_map(static fn (Abrasive $stone): string => $stone->id, $this->stones));

        return $path === null ? null : array_map(static fn (HoningStep $step): int => $number[$step->id], $path->path);
    }

    /**
     * @param  array<int, int|null>  $from
     * @return list<int>
     */
    private static function back(int $last, array $from): array
    {
        $path = [];
        for ($at = $last; $at !== null; $at = $from[$at]) {
            array_unshift($path, $at);
        }

        return $path;
    }
}
