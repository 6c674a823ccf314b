<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/** What can be done with the tools at hand: every condition is asked of the dimensions of the user's own tools. */
final class Coverage
{
    /** Below this share of the time another way is worth telling of. */
    private const MUCH_QUICKER = 0.51;

    /** @var array<string, TaskCoverage> */
    private array $known = [];

    public function __construct(private readonly ToolsAtHand $tools, private readonly School $school)
    {
    }

    public function of(Task $task): TaskCoverage
    {
        return $this->known[$task->key()] ??= $this->look($task);
    }

    private function look(Task $task): TaskCoverage
    {
        if ($task->operation->byMachine && $this->school->machines()) {
            return new TaskCoverage($task, null, null, null, true);
        }
        $best = null;
        foreach ($task->operation->ways as $way) {
            $atHand = $this->atHand($way, $task->facts);
            if ($atHand !== null && ($best === null || $this->rank($way) > $this->rank($best->way))) {
                $best = $atHand;
            }
        }
        $enough = $best !== null && $best->way->grade >= $task->minGrade;

        return new TaskCoverage(
            $task,
            $best,
            $this->better($task, $best?->way),
            $enough ? null : $this->nearest($task),
        );
    }

    private function atHand(Way $way, Facts $facts): ?WayAtHand
    {
        if (! $way->allowedBy($facts)) {
            return null;
        }
        $tools = [];
        foreach ($way->kinds as $kind) {
            $tool = $this->suiting($way, $kind, $facts);
            if ($tool === null) {
                return null;
            }
            $tools[] = $tool;
        }

        return new WayAtHand($way, $tools);
    }

    private function suiting(Way $way, string $kind, Facts $facts): ?ToolAtHand
    {
        foreach ($this->tools->of($kind) as $tool) {
            if ($way->suits($kind, $tool->sizes(), $facts)) {
                return $tool;
            }
        }

        return null;
    }

    /** @return array{int, int, float} grade first, then what the school prefers, then speed */
    private function rank(Way $way): array
    {
        $preferred = count(array_filter($way->kinds, $this->school->prefers(...)));

        return [$way->grade, $preferred, -$way->minutes];
    }

    /** The quickest way of at least the same grade, where it is much quicker than what there is. */
    private function better(Task $task, ?Way $now): ?Way
    {
        $better = null;
        foreach ($task->operation->ways as $way) {
            $worthTelling =
                $now !== null && $way->grade >= $now->grade && $way->minutes <= self::MUCH_QUICKER * $now->minutes;
            if (
                $worthTelling &&
                $way->allowedBy($task->facts) &&
                ($better === null || $way->minutes < $better->minutes) &&
                $this->isToBeHad($way)
            ) {
                $better = $way;
            }
        }

        return $better;
    }

    private function isToBeHad(Way $way): bool
    {
        return array_filter(
            $way->kinds,
            fn (string $kind): bool => $this->tools->owned($kind) === [] && ! $this->school->offers($kind),
        ) === [];
    }

    private function nearest(Task $task): ?Obstacle
    {
        $nearest = null;
        foreach ($task->operation->ways as $way) {
            if ($way->grade < $task->minGrade || ! $way->allowedBy($task->facts)) {
                continue;
            }
            $obstacle = $this->obstacle($way, $task->facts);
            $rank = [! $this->isToBeHad($way), $obstacle->size(), $obstacle->price()];
            if ($nearest === null || $rank < $nearest[0]) {
                $nearest = [$rank, $obstacle];
            }
        }

        return $nearest[1] ?? null;
    }

    private function obstacle(Way $way, Facts $facts): Obstacle
    {
        $missing = $short = $idle = [];
        foreach ($way->kinds as $kind) {
            if ($this->suiting($way, $kind, $facts) !== null) {
                continue;
            }
            $owned = $this->tools->owned($kind);
            if ($owned === []) {
                $missing[] = $kind;
            } elseif ($this->tools->of($kind) === []) {
                $idle[] = $kind;
            } else {
                $short[] = $this->leastShort($way, $kind, $owned, $facts);
            }
        }

        return new Obstacle($way, $missing, $short, $idle);
    }

    /**
     * @param  non-empty-list<ToolAtHand>  $owned
     * @return array{ToolAtHand, \JackRest\Core\Work\Shortfall}
     */
    private function leastShort(Way $way, string $kind, array $owned, Facts $facts): array
    {
        $broken = static fn (ToolAtHand $tool): array => array_values(
            array_filter(
                $way->conditionsOn($kind),
                static fn (Condition $condition): bool => ! $condition->holds($tool->sizes(), $facts),
            ),
        );
        usort($owned, static fn (ToolAtHand $a, ToolAtHand $b): int => count($broken($a)) <=> count($broken($b)));
        $condition = $broken($owned[0])[0];

        return [$owned[0], $condition->shortfall($owned[0]->sizes(), $facts)];
    }
}
