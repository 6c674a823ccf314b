<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/** What `kit-stages` is asked for some works: their operations at the grades they ask for in the end. */
final readonly class LadderProblem
{
    /** Upkeep waits until everything that can be made is made as well as it is asked: nothing is made by it. */
    private const UPKEEP = 1e-6;

    /** What a date counts more than the next later one, or none: dates are kept first, whatever they cost. */
    private const SOONER = 1e4;

    /** Honing as well as the school would: part of everything that is done with an edge. */
    private const HONE_GRADE = 4;

    public PlanProblem $problem;

    public KitStagesInput $input;

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<ToolAtHand>  $owned
     * @param  list<Offer>  $offers
     * @param  int  $least  the floor to begin at
     */
    public function __construct(
        array $works,
        array $owned,
        array $offers,
        School $school,
        ?float $budget = null,
        int $least = 1,
    ) {
        $sharpening = Sharpening::for($owned, $offers, $school);
        $tasks = array_map(self::tasks(...), $works);
        $this->problem = new PlanProblem(array_merge(...$tasks), $owned, $offers, $school, $sharpening);
        $grades = array_map(static fn (Task $task): float => (float) $task->minGrade, $this->problem->tasks);
        $this->input = new KitStagesInput(
            array_map(
                fn (PlannedWork $work, array $of, float $weight): StageWork => new StageWork(
                    $work->id,
                    $this->operations($of),
                    $weight,
                ),
                $works,
                $tasks,
                self::weights($works),
            ),
            $this->problem->tools,
            $this->problem->methods,
            $this->problem->owned,
            self::floors($grades, $least),
            $grades,
            $budget,
        );
    }

    /** Whether nothing is made by it but tools kept in order. */
    public static function isUpkeep(PlannedWork $work): bool
    {
        foreach ($work->tasks as $task) {
            if (! Operations::isUpkeep($task->operation->id)) {
                return false;
            }
        }

        return $work->tasks !== [];
    }

    /** @return list<Task> */
    private static function tasks(PlannedWork $work): array
    {
        foreach ($work->tasks as $task) {
            foreach ($task->operation->ways as $way) {
                if (self::hasEdge($way)) {
                    $hone = new Task(Operations::named('hone'), minGrade: self::HONE_GRADE);

                    return [...$work->tasks, $hone];
                }
            }
        }

        return $work->tasks;
    }

    private static function hasEdge(Way $way): bool
    {
        foreach ($way->kinds as $kind) {
            if (in_array(Need::Hone, ToolKinds::named($kind)->needs, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<string>
     */
    private function operations(array $tasks): array
    {
        $ids = array_map(fn (Task $task): ?string => $this->problem->operationOf[$task->key()] ?? null, $tasks);

        return array_values(array_unique(array_filter($ids, is_string(...))));
    }

    /**
     * @param  list<PlannedWork>  $works
     * @return list<float>
     */
    private static function weights(array $works): array
    {
        $dates = array_unique(array_map(static fn (PlannedWork $work): string => $work->due ?? '9999', $works));
        rsort($dates, SORT_STRING);
        $place = array_flip($dates);

        return array_map(
            static fn (PlannedWork $work): float => max($work->weight, 1e-3) *
                self::SOONER ** $place[$work->due ?? '9999'] *
                (self::isUpkeep($work) ? self::UPKEEP : 1.0),
            $works,
        );
    }

    /**
     * From the first, where anything does that is at all so good, to the most that is asked.
     *
     * @param  array<string, float>  $grades
     * @return list<float>
     */
    private static function floors(array $grades, int $least): array
    {
        return array_map(floatval(...), range($least, (int) max([$least, ...array_values($grades)])));
    }
}
