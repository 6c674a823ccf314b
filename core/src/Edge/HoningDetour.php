<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** The least time of any path that goes over one given stone. */
final class HoningDetour
{
    private readonly StrokeModel $model;

    /** @var array<string, float|null> least time to have finished on a stone, by id */
    private array $until = [];

    /** @var array<string, float|null> least time from a stone to a finish, by id */
    private array $after = [];

    public function __construct(private readonly HoningPlanInput $job)
    {
        $this->model = new StrokeModel($job);
    }

    /** Null when no path can hold the stone. */
    public function secondsThrough(Abrasive $stone): ?float
    {
        $after = $this->after($stone);

        return $after === null ? null : $this->until($stone) + $after;
    }

    private function until(Abrasive $stone): float
    {
        return $this->until[$stone->id] ??= min($this->waysTo($stone));
    }

    /** @return non-empty-list<float> */
    private function waysTo(Abrasive $stone): array
    {
        $ways = [$this->model->seconds(null, $stone)];
        foreach ($this->job->abrasives as $before) {
            if ($this->model->mayFollow($before, $stone)) {
                $ways[] = $this->until($before) + $this->model->seconds($before, $stone);
            }
        }

        return $ways;
    }

    private function after(Abrasive $stone): ?float
    {
        if ($this->model->isFineEnough($stone)) {
            return 0.0;
        }
        if (! array_key_exists($stone->id, $this->after)) {
            $ways = $this->waysOn($stone);
            $this->after[$stone->id] = $ways === [] ? null : min($ways);
        }

        return $this->after[$stone->id];
    }

    /** @return list<float> */
    private function waysOn(Abrasive $stone): array
    {
        $ways = [];
        foreach ($this->job->abrasives as $next) {
            $after = $this->model->mayFollow($stone, $next) ? $this->after($next) : null;
            if ($after !== null) {
                $ways[] = $this->model->seconds($stone, $next) + $after;
            }
        }

        return $ways;
    }
}
