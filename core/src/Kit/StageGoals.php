<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** What each work asks at each floor, and what would have to be at hand for it. */
final class StageGoals
{
    /** @var list<string> works with an operation that no method serves */
    public readonly array $impossible;

    /** @var list<StageWork> the others */
    public readonly array $works;

    public readonly ToolBag $bag;

    /** @var array<string, list<Method>> by operation */
    private array $methods = [];

    /** @var array<string, float> the most that is asked of an operation */
    private array $most = [];

    public function __construct(private readonly KitStagesInput $kit)
    {
        $this->bag = new ToolBag($kit->tools);
        foreach ($kit->methods as $method) {
            $this->methods[$method->operation][] = $method;
            $this->most[$method->operation] = max($this->most[$method->operation] ?? -INF, $method->grade);
        }
        foreach ($this->most as $operation => $best) {
            $this->most[$operation] = min($kit->grades[$operation] ?? INF, $best);
        }
        $this->works = array_values(array_filter($kit->works, $this->isPossible(...)));
        $this->impossible = array_values(
            array_map(
                static fn (StageWork $work): string => $work->id,
                array_filter($kit->works, fn (StageWork $work): bool => ! $this->isPossible($work)),
            ),
        );
    }

    private function isPossible(StageWork $work): bool
    {
        return array_diff_key(array_flip($work->operations), $this->methods) === [];
    }

    /** How well an operation has to be done at a floor. */
    public function asked(string $operation, float $floor): float
    {
        return min($floor, $this->most[$operation]);
    }

    /**
     * @param  array<string, bool>  $atHand  keyed by tool
     * @return array<string, float> the best grade at hand, by operation; none where there is no way
     */
    public function grades(array $atHand): array
    {
        $best = [];
        foreach ($this->kit->methods as $method) {
            $isBetter = $method->grade > ($best[$method->operation] ?? -INF);
            if ($isBetter && array_diff_key($this->bag->withNeeds($method->tools), $atHand) === []) {
                $best[$method->operation] = $method->grade;
            }
        }

        return $best;
    }

    /** @param  array<string, float>  $grades  by operation, as {@see grades()} gives them */
    public function isMet(StageWork $work, float $floor, array $grades): bool
    {
        foreach ($work->operations as $operation) {
            if (! isset($grades[$operation]) || $grades[$operation] < $this->asked($operation, $floor)) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<string>  $owned */
    public function plan(StageWork $work, float $floor, array $owned): KitPlanInput
    {
        return $this->planFor($work->operations, $floor, $owned);
    }

    /** The plan for all of it at the highest floor, from what was owned at first. */
    public function straight(): KitPlanInput
    {
        $operations = array_merge(...array_map(static fn (StageWork $work): array => $work->operations, $this->works));

        return $this->planFor($operations, max([0.0, ...$this->kit->floors]), $this->kit->owned);
    }

    /**
     * With the tools that could matter and no others: a plan is the same without the rest of them.
     *
     * @param  list<string>  $operations
     * @param  list<string>  $owned
     */
    private function planFor(array $operations, float $floor, array $owned): KitPlanInput
    {
        $methods = $wanted = $tools = [];
        foreach (array_unique($operations) as $operation) {
            $asked = $this->asked($operation, $floor);
            $wanted[] = new OperationWanted($operation, $asked);
            foreach ($this->methods[$operation] as $method) {
                if ($method->grade >= $asked) {
                    $methods[] = $method;
                    $tools += $this->bag->withNeeds($method->tools);
                }
            }
        }

        return new KitPlanInput(
            $wanted,
            array_values(
                array_filter($this->kit->tools, static fn (ToolOffer $tool): bool => isset($tools[$tool->id])),
            ),
            $methods,
            array_values(array_filter($owned, static fn (string $id): bool => isset($tools[$id]))),
        );
    }
}
