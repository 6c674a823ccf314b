<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Turns tools, methods and operations into the bare {@see CoverProblem}, and back. */
final class KitReduction
{
    public readonly ToolBag $bag;

    public readonly CoverProblem $problem;

    /** @var list<string> ids of the tools that can be bought, alphabetical; a tool's number is its place here */
    public readonly array $toolIds;

    /** @var array<string, int> */
    private readonly array $numbers;

    /** @var list<string> operations that no method can serve */
    public readonly array $uncoverable;

    /** Budget as a value that no affordable set reaches; null without a budget. */
    public readonly ?int $valueLimit;

    /** Whole price steps in one unit of currency. */
    public readonly int $priceScale;

    public function __construct(KitPlanInput $kit)
    {
        $this->bag = new ToolBag($kit->tools);
        $all = array_map(static fn (ToolOffer $tool): string => $tool->id, $kit->tools);
        $toolIds = array_values(array_diff($all, $kit->owned));
        sort($toolIds, SORT_STRING);
        $this->toolIds = $toolIds;
        $this->numbers = array_flip($toolIds);
        $options = $this->optionsByOperation($kit);
        $this->uncoverable = array_map(
            strval(...),
            array_keys(array_filter($options, static fn (array $sets): bool => $sets === [])),
        );
        $this->priceScale = $this->priceScale($kit);
        $this->problem = $this->problem($kit, array_filter($options));
        $this->valueLimit = $kit->budget === null ? null : $this->limit($kit->budget);
    }

    /** The least cost that a set of at least this value can have. */
    public function costAtLeast(float $value): float
    {
        $tools = count($this->toolIds);

        return max(0.0, ceil(($value - $tools) / ($tools + 1) - 1e-9) / $this->priceScale);
    }

    public function numberOf(string $id): int
    {
        return $this->numbers[$id];
    }

    /** @return array<string, list<list<int>>> sets of tools to buy, by operation id; no set contains another */
    private function optionsByOperation(KitPlanInput $kit): array
    {
        $options = $minGrade = [];
        foreach ($kit->operations as $operation) {
            $minGrade[$operation->id] = $operation->minGrade;
            $options[$operation->id] = [];
        }
        foreach ($kit->methods as $method) {
            if (isset($minGrade[$method->operation]) && $method->grade >= $minGrade[$method->operation]) {
                $missing = array_intersect_key($this->numbers, $this->bag->withNeeds($method->tools));
                sort($missing);
                $options[$method->operation][] = $missing;
            }
        }

        return array_map(CoverParts::smallest(...), $options);
    }

    private function priceScale(KitPlanInput $kit): int
    {
        $prices = array_map(static fn (ToolOffer $tool): float => $tool->cost, $kit->tools);

        return WholeNumbers::scaleFor($prices);
    }

    /** @param  array<string, list<list<int>>>  $options */
    private function problem(KitPlanInput $kit, array $options): CoverProblem
    {
        $prices = WholeNumbers::scaled(array_map($this->bag->cost(...), $this->toolIds), $this->priceScale);
        $tools = count($prices);
        $weights = self::weights($kit);
        // What weighs nothing must not steer what is bought: it is served or not by what the rest needs.
        $options = array_filter($options, static fn (int|string $id): bool => $weights[$id] > 0, ARRAY_FILTER_USE_KEY);

        return new CoverProblem(
            array_map(static fn (int $price): int => $price * ($tools + 1) + 1, $prices),
            array_map(static fn (int|string $id): int => $weights[$id], array_keys($options)),
            array_values($options),
        );
    }

    /** @return array<string, int> by operation id; without a budget all must be served, so that all count the same */
    private static function weights(KitPlanInput $kit): array
    {
        $ids = array_map(static fn (OperationWanted $operation): string => $operation->id, $kit->operations);
        if ($kit->budget === null) {
            return array_fill_keys($ids, 1);
        }
        $weights = array_map(static fn (OperationWanted $operation): float => $operation->weight, $kit->operations);

        return array_combine($ids, WholeNumbers::scaled($weights, WholeNumbers::scaleFor($weights)));
    }

    private function limit(float $budget): int
    {
        $tools = count($this->toolIds);
        $most = array_sum($this->problem->values) + 1;
        $steps = floor($budget * $this->priceScale + 1e-6);

        return (int) min($most, ($steps + 1) * ($tools + 1));
    }
}
