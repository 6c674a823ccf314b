<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** The best path for every number of stones. */
final class HoningPaths
{
    private readonly StrokeModel $model;

    /** @var list<Abrasive> coarse to fine */
    private readonly array $stones;

    /** @var array<int, array<int, float>> seconds on a stone (second index) after another (first index) */
    private array $seconds = [];

    public function __construct(HoningPlanInput $job)
    {
        $this->model = new StrokeModel($job);
        $stones = $job->abrasives;
        usort(
            $stones,
            static fn (Abrasive $a, Abrasive $b): int => [$b->particleUm, $a->id] <=> [$a->particleUm, $b->id],
        );
        $this->stones = $stones;
        foreach ($stones as $from => $before) {
            foreach ($stones as $to => $stone) {
                if ($this->model->mayFollow($before, $stone)) {
                    $this->seconds[$from][$to] = $this->model->seconds($before, $stone);
                }
            }
        }
    }

    /** @return non-empty-list<HoningPath> the best for each number of stones, best first */
    public function bestByLength(): array
    {
        $routes = [];
        for ($ending = $this->single(); $ending !== []; $ending = $this->oneStoneMore($ending)) {
            $best = $this->bestFineEnough($ending);
            if ($best !== null) {
                $routes[] = $best;
            }
        }
        usort($routes, static fn (HoningRoute $a, HoningRoute $b): int => $a->against($b));
        assert($routes !== []);

        return array_map($this->path(...), $routes);
    }

    /** The first of {@see bestByLength}, without the long ones that can no longer be it. */
    public function quickest(): HoningPath
    {
        $best = null;
        for ($ending = $this->single(); $ending !== []; $ending = $this->oneStoneMore($ending)) {
            $route = $this->bestFineEnough($ending);
            $best = $route !== null && ($best === null || $route->against($best) < 0) ? $route : $best;
            if ($best !== null) {
                // Another stone only adds to a route; one that takes longer already is never the best.
                $ending = array_filter(
                    $ending,
                    static fn (HoningRoute $one): bool => $one->seconds < $best->seconds + 1e-3,
                );
            }
        }
        assert($best !== null);

        return $this->path($best);
    }

    /** The best with just so many stones; null: there is none. */
    public function ofLength(int $stones): ?HoningPath
    {
        $ending = $this->single();
        for ($length = 1; $length < $stones; $length++) {
            $ending = $this->oneStoneMore($ending);
        }
        $best = $this->bestFineEnough($ending);

        return $best === null ? null : $this->path($best);
    }

    /** @return array<int, HoningRoute> by last stone */
    private function single(): array
    {
        return array_map(
            fn (Abrasive $stone): HoningRoute => new HoningRoute([$stone], $this->model->seconds(null, $stone)),
            $this->stones,
        );
    }

    /**
     * @param  array<int, HoningRoute>  $ending  by last stone
     * @return array<int, HoningRoute> one stone longer, by last stone
     */
    private function oneStoneMore(array $ending): array
    {
        /** @var array<int, HoningRoute> $longer */
        $longer = [];
        foreach ($ending as $from => $route) {
            foreach ($this->seconds[$from] ?? [] as $to => $seconds) {
                // Most candidates lose on time alone; only then is the longer route worth building.
                if (isset($longer[$to]) && $route->seconds + $seconds > $longer[$to]->seconds + 1e-3) {
                    continue;
                }
                $candidate = $route->then($this->stones[$to], $seconds);
                $longer[$to] = $candidate->beats($longer[$to] ?? null) ? $candidate : $longer[$to];
            }
        }

        return $longer;
    }

    /** @param  array<int, HoningRoute>  $ending */
    private function bestFineEnough(array $ending): ?HoningRoute
    {
        $best = null;
        foreach ($ending as $route) {
            $best = $this->model->isFineEnough($route->last()) && $route->beats($best) ? $route : $best;
        }

        return $best;
    }

    private function path(HoningRoute $route): HoningPath
    {
        $steps = [];
        foreach ($route->stones as $index => $stone) {
            $steps[] = $this->model->step($route->stones[$index - 1] ?? null, $stone);
        }

        return new HoningPath(
            $steps,
            array_sum(array_map(static fn (HoningStep $step): float => $step->seconds, $steps)),
        );
    }
}
