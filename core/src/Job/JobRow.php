<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

/** One line of a job's plan: a step done to so many parts of a batch, or an edge that is honed in between. */
final readonly class JobRow
{
    /**
     * @param  int  $batch  from 0
     * @param  JobTask|null  $task  null: an edge is honed
     * @param  int  $units  parts it is done to
     * @param  float  $minutes  with setting up
     * @param  string|null  $hone  the tool whose edge is honed; null: none is
     */
    public function __construct(
        public int $batch,
        public ?JobTask $task,
        public int $units,
        public float $minutes,
        public bool $isFetched,
        public bool $isSet,
        public ?string $hone = null,
    ) {
    }

    /** Days that its batch rests when it is done. */
    public function restDays(): float
    {
        return $this->task->route->craft->restDays ?? 0.0;
    }

    /** The first so many parts of it, with what was set up. */
    public function first(int $units): self
    {
        return new self($this->batch, $this->task, $units, $this->minutes - $this->each() * ($this->units - $units),
            $this->isFetched, $this->isSet);
    }

    /** The parts after the first so many, with the edge fresh: its tool is fetched again and still set. */
    public function rest(int $done): self
    {
        $left = $this->units - $done;

        return new self($this->batch, $this->task, $left, $this->each() * $left, true, false);
    }

    public function each(): float
    {
        return $this->task?->minutesEach() ?? 0.0;
    }
}
