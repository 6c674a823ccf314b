<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Calculates;

/**
 * The cheapest set of tools that, with those owned, gives every operation a good enough method.
 *
 * A tool counts only with everything it needs. On a tie fewer tools, then ids in alphabetical order. With a
 * budget: the largest weight of operations served within it, then the least cost. Exact, by {@see CoverSearch}, part
 * by part ({@see CoverParts}); when the time is up first, provenOptimal is false and lowerBound holds.
 */
#[Calculates('kit-plan', 'The cheapest tools that make the work possible', searches: true)]
final class KitPlan
{
    /** @param  ProvenParts  $known  what was proven when it was asked before */
    public function __construct(private readonly ProvenParts $known = new ProvenParts())
    {
    }

    public function __invoke(KitPlanInput $kit): KitPlanResult
    {
        $limit = new SearchLimit($kit->timeLimitSeconds);
        $reduction = new KitReduction($kit);
        $answer = (new CoverAnswer($reduction, $limit, $this->known))->find();
        $buy = array_map(static fn (int $tool): string => $reduction->toolIds[$tool], $answer->tools);
        $cost = array_sum(array_map($reduction->bag->cost(...), $buy));

        $lowerBound = $answer->proven ? $cost : min($cost, $answer->leastCost);

        return new KitPlanResult(
            $buy,
            $cost,
            // What costs no more than the bound is the cheapest, however the search ended; a budget asks for more.
            $answer->proven || ($kit->budget === null && $cost <= $lowerBound),
            $lowerBound,
            $coverage = self::coverage($kit, $reduction, $buy),
            $reduction->uncoverable,
            $kit->budget === null ? null : self::unserved($kit, $reduction, $coverage),
        );
    }

    /**
     * @param  list<string>  $buy
     * @return list<OperationCovered>
     */
    private static function coverage(KitPlanInput $kit, KitReduction $reduction, array $buy): array
    {
        $atHand = array_fill_keys([...$kit->owned, ...$buy], true);
        $best = [];
        foreach ($kit->methods as $method) {
            $workable = array_diff_key($reduction->bag->withNeeds($method->tools), $atHand) === [];
            if ($workable && $method->grade > ($best[$method->operation]->grade ?? -INF)) {
                $best[$method->operation] = new OperationCovered($method->operation, $method->tools, $method->grade);
            }
        }
        $coverage = [];
        foreach ($kit->operations as $operation) {
            $way = $best[$operation->id] ?? null;
            if ($way !== null && $way->grade >= $operation->minGrade) {
                $coverage[] = $way;
            }
        }

        return $coverage;
    }

    /**
     * @param  list<OperationCovered>  $coverage
     * @return list<string>
     */
    private static function unserved(KitPlanInput $kit, KitReduction $reduction, array $coverage): array
    {
        $asked = array_map(static fn (OperationWanted $operation): string => $operation->id, $kit->operations);
        $served = array_map(static fn (OperationCovered $way): string => $way->operation, $coverage);

        return array_values(array_diff($asked, $served, $reduction->uncoverable));
    }
}
