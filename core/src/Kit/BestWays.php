<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Work\Way;

/** Which way each operation of a ladder is best done with certain tools: as {@see Coverage} would choose. */
final class BestWays
{
    /** @var array<string, list<int>> places of the methods of an operation, the best first */
    private array $ofOperation = [];

    /** @var list<array<string, true>> what each method takes, with everything its tools need, as keys */
    private array $takes = [];

    public function __construct(private readonly PlanProblem $problem, School $school)
    {
        $bag = new ToolBag($problem->tools);
        $ranks = [];
        foreach ($problem->methods as $place => $method) {
            $way = $problem->ways[$place];
            $preferred = count(array_filter($way->kinds, $school->prefers(...)));
            $ranks[$place] = [$method->grade, $preferred, -$way->minutes];
            $this->takes[] = $bag->withNeeds($method->tools);
            $this->ofOperation[$method->operation][] = $place;
        }
        foreach ($this->ofOperation as &$places) {
            usort($places, static fn (int $a, int $b): int => [...$ranks[$b], $a] <=> [...$ranks[$a], $b]);
        }
    }

    /**
     * @param  array<string, true>  $atHand  keyed by tool
     * @return array<string, int> place of the best method by operation; none where nothing does it
     */
    public function with(array $atHand): array
    {
        $best = [];
        foreach ($this->ofOperation as $operation => $places) {
            foreach ($places as $place) {
                if (array_diff_key($this->takes[$place], $atHand) === []) {
                    $best[$operation] = $place;
                    break;
                }
            }
        }

        return $best;
    }

    /** @return array<string, true> what a method takes, with everything its tools need, as keys */
    public function takes(int $method): array
    {
        return $this->takes[$method];
    }

    public function way(int $method): Way
    {
        return $this->problem->ways[$method];
    }
}
