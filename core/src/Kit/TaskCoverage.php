<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/** What can be done about one task with the tools at hand. */
final readonly class TaskCoverage
{
    /**
     * @param  WayAtHand|null  $best  the best way now
     * @param  Way|null  $better  a way that would be better or much quicker with tools that are not there
     * @param  Obstacle|null  $nearest  where there is no way good enough: the one that lacks least
     */
    public function __construct(
        public Task $task,
        public ?WayAtHand $best,
        public ?Way $better,
        public ?Obstacle $nearest,
        public bool $byMachine = false,
    ) {
    }

    public function isEnough(): bool
    {
        return $this->byMachine || ($this->best !== null && $this->best->way->grade >= $this->task->minGrade);
    }
}
