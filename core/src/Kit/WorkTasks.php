<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Work\Task;

/** The tasks of a work at the grades that work, school and the user's own floor ask for. */
final readonly class WorkTasks
{
    /** @param  int|null  $floor  no operation may be done worse than this */
    public function __construct(private School $school, private ?int $floor = null)
    {
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $own  grades the user asks for, by operation
     * @return list<Task>
     */
    public function graded(array $tasks, array $own = []): array
    {
        return array_map(function (Task $task) use ($own): Task {
            $asked =
                $own[$task->operation->id] ??
                max($this->floor ?? 1, $this->school->minGrade($task->operation->id, $task->minGrade));

            return $task->atGrade($asked);
        }, $tasks);
    }
}
