<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Work\Task;

/** A work that is to be possible: its tasks, how much it matters, and by when. */
final readonly class PlannedWork
{
    /**
     * @param  list<Task>  $tasks
     * @param  string|null  $due  a day, as 2026-12-24
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $tasks,
        public float $weight = 1.0,
        public ?string $due = null,
    ) {
    }
}
