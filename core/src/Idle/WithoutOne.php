<?php

declare(strict_types=1);

namespace JackRest\Core\Idle;

use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;

/** What would be done worse, or by what else, if one tool went: the coverage reckoned anew without it. */
final class WithoutOne
{
    private readonly Coverage $now;

    /** @var array<string, list<Task>> tasks whose best way takes it, by the id of a tool */
    private array $served = [];

    /** @var list<Task> */
    private readonly array $tasks;

    /** @var array<string, int> how many there are of a kind */
    private readonly array $ofKind;

    /** @var array<string, true> kinds that others need beside them */
    private array $givers = [];

    /**
     * @param  list<Task>  $tasks
     * @param  list<ToolAtHand>  $owned
     */
    public function __construct(array $tasks, private readonly array $owned, private readonly School $school)
    {
        $this->now = new Coverage(new ToolsAtHand($owned), $school);
        $unique = [];
        foreach ($tasks as $task) {
            $unique[$task->key()] = $task;
        }
        $this->tasks = array_values($unique);
        $this->ofKind = array_count_values(array_map(static fn (ToolAtHand $tool): string => $tool->kind, $owned));
        foreach ($this->tasks as $task) {
            foreach ($this->now->of($task)->best->tools ?? [] as $tool) {
                $this->served[$tool->id][] = $task;
            }
        }
        foreach ($owned as $tool) {
            foreach (ToolKinds::named($tool->kind)->needs as $need) {
                $this->givers += array_fill_keys($need instanceof Need ? $need->givers() : [$need], true);
            }
        }
    }

    /** How many of the tasks its best way takes it for. */
    public function serves(ToolAtHand $tool): int
    {
        return count($this->served[$tool->id] ?? []);
    }

    public function of(ToolAtHand $tool): Going
    {
        // What others need beside them is missed only when the last of its kind goes.
        $affected =
            isset($this->givers[$tool->kind]) && $this->ofKind[$tool->kind] === 1
                ? $this->tasks
                : $this->served[$tool->id] ?? [];
        if ($affected === []) {
            return new Going([], [], []);
        }
        $then = new Coverage(
            new ToolsAtHand(
                array_values(
                    array_filter($this->owned, static fn (ToolAtHand $other): bool => $other->id !== $tool->id),
                ),
            ),
            $this->school,
        );
        $lost = $worse = $instead = [];
        foreach ($affected as $task) {
            [$before, $after] = [$this->now->of($task), $then->of($task)];
            if (! $before->isEnough() || $before->best === null) {
                continue;
            }
            if (! $after->isEnough() || $after->best === null) {
                $lost[$task->operation->name] = true;
            } elseif ($after->best->way->grade < $before->best->way->grade) {
                $worse[$task->operation->name] = true;
            } else {
                foreach (array_diff($after->best->names(), $before->best->names()) as $name) {
                    $instead[$name] = true;
                }
            }
        }

        return new Going(array_keys($lost), array_keys($worse), array_keys($instead));
    }
}
