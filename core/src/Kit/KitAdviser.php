<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Asks {@see KitPlan} about one work with the kinds of tool at hand and the prices of those on offer. */
final class KitAdviser
{
    /**
     * @param  array<string, int>  $minGrades  least grade by operation id, in the order of the work
     * @param  list<string>  $owned  kinds at hand
     * @param  array<string, float>  $prices  by kind on offer
     */
    public function __construct(
        private readonly array $minGrades,
        private readonly array $owned,
        private readonly array $prices,
    ) {
    }

    public function advise(): KitAdvice
    {
        $plan = $this->plan($this->prices);
        $now = $this->ways($this->plan([])->coverage);
        $then = $this->ways($plan->coverage);
        $operations = [];
        foreach ($this->minGrades as $id => $minGrade) {
            $operations[] = new OperationAdvice(Operations::named($id), $minGrade, $now[$id] ?? null, $then[$id] ?? null);
        }
        $purchases = array_map(fn (string $kind): PurchaseAdvice => $this->purchase($kind, $plan), $plan->buy);

        return new KitAdvice($operations, $purchases, $plan->cost, $plan->provenOptimal);
    }

    private function purchase(string $kind, KitPlanResult $plan): PurchaseAdvice
    {
        $keptBack = array_diff_key($this->prices, [$kind => true]);
        $else = $this->plan($keptBack);
        $lost = $this->plan(array_intersect_key($keptBack, array_flip($plan->buy)))->uncoverable;
        $possible = array_diff($lost, $plan->uncoverable);

        return new PurchaseAdvice(
            ToolKinds::named($kind),
            $this->prices[$kind],
            array_values(array_map(Operations::named(...), $possible)),
            count($else->uncoverable) > count($plan->uncoverable) ? null : $else->buy,
            count($else->uncoverable) > count($plan->uncoverable) ? null : $else->cost,
        );
    }

    /** @param  array<string, float>  $prices */
    private function plan(array $prices): KitPlanResult
    {
        $kinds = array_filter(ToolKinds::all(), fn (ToolKind $kind): bool => isset($prices[$kind->id]) || in_array($kind->id, $this->owned, true));
        $complete = array_filter($kinds, static fn (ToolKind $kind): bool => array_diff($kind->needs, array_keys($kinds)) === []);

        return (new KitPlan)(new KitPlanInput(
            array_map(fn (string $id): OperationWanted => new OperationWanted($id, $this->minGrades[$id]), array_keys($this->minGrades)),
            array_values(array_map(static fn (ToolKind $kind): ToolOffer => new ToolOffer($kind->id, $prices[$kind->id] ?? 0.0, $kind->needs), $complete)),
            $this->methods($complete),
            array_values(array_intersect($this->owned, array_keys($complete))),
        ));
    }

    /**
     * @param  array<string, ToolKind>  $kinds  those at hand or on offer
     * @return list<Method>
     */
    private function methods(array $kinds): array
    {
        $methods = [];
        foreach (array_keys($this->minGrades) as $id) {
            foreach (Operations::named($id)->ways as $way) {
                if (array_diff($way->kinds, array_keys($kinds)) === []) {
                    $methods[] = new Method($id, $way->kinds, (float) $way->grade);
                }
            }
        }

        return $methods;
    }

    /**
     * @param  list<OperationCovered>  $coverage
     * @return array<string, Way> by operation id
     */
    private function ways(array $coverage): array
    {
        $ways = [];
        foreach ($coverage as $covered) {
            foreach (Operations::named($covered->operation)->ways as $way) {
                if ($way->kinds === $covered->tools) {
                    $ways[$covered->operation] = $way;
                }
            }
        }

        return $ways;
    }
}
