<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * Climbs the works of a ladder with the tools of one plan. Keeps what has been got, so that one climb can follow
 * another.
 */
final class LadderClimb
{
    /** @var list<ToolOffer> the tools of the plan and those owned */
    private readonly array $tools;

    /** @var array<string, float> */
    private readonly array $costs;

    private readonly ToolBag $bag;

    /** @var list<string> */
    private array $had;

    private float $spent = 0.0;

    /** @var array<string, true> works unlocked so far */
    private array $unlocked = [];

    /** @param  list<string>  $buy  the tools of the plan */
    public function __construct(private readonly KitLadderInput $kit, array $buy)
    {
        $this->had = $kit->owned;
        $this->bag = new ToolBag($kit->tools);
        $this->tools = self::complete($kit->tools, array_fill_keys([...$buy, ...$kit->owned], true));
        $this->costs = array_column(
            array_map(static fn (ToolOffer $tool): array => ['id' => $tool->id, 'cost' => $tool->cost], $kit->tools),
            'cost',
            'id',
        );
    }

    /**
     * Those within the plan whose needs are within it too: a tool owned without them does not count.
     *
     * @param  list<ToolOffer>  $tools
     * @param  array<string, true>  $within
     * @return list<ToolOffer>
     */
    private static function complete(array $tools, array $within): array
    {
        do {
            $before = count($within);
            $tools = array_values(
                array_filter(
                    $tools,
                    static fn (ToolOffer $tool): bool => isset($within[$tool->id]) &&
                        array_diff_key(array_fill_keys($tool->needs, true), $within) === [],
                ),
            );
            $within = array_fill_keys(array_map(static fn (ToolOffer $tool): string => $tool->id, $tools), true);
        } while (count($within) < $before);

        return $tools;
    }

    /**
     * @param  list<LadderWork>  $works  to be unlocked now
     * @return list<LadderRung>
     */
    public function climb(array $works): array
    {
        $rungs = [];
        $now = $this->unlockable($this->had);
        if ($now !== []) {
            $rungs[] = $this->step([], $now);
        }
        while (($buy = $this->next($works)) !== null) {
            $rungs[] = $this->step($buy, $this->unlockable([...$this->had, ...$buy]));
        }

        return $rungs;
    }

    /**
     * @param  list<LadderWork>  $works
     * @return list<string>|null the tools of the next rung
     */
    private function next(array $works): ?array
    {
        $best = null;
        [$bestWeight, $bestCost] = [0.0, 0.0];
        foreach ($works as $work) {
            $buy = isset($this->unlocked[$work->id]) ? null : $this->cheapestFor($work);
            if ($buy === null) {
                continue;
            }
            $cost = $this->costOf($buy);
            $weight = $this->weightOf($this->unlockable([...$this->had, ...$buy]));
            if ($best === null || self::isBetter($weight, $cost, $bestWeight, $bestCost)) {
                [$best, $bestWeight, $bestCost] = [$buy, $weight, $cost];
            }
        }

        return $best;
    }

    /** Weight per cost compared without dividing, so that what costs nothing comes first. */
    private static function isBetter(float $weight, float $cost, float $bestWeight, float $bestCost): bool
    {
        if ($cost === 0.0 || $bestCost === 0.0) {
            return $cost === 0.0 && $bestCost > 0.0;
        }

        return $weight * $bestCost > $bestWeight * $cost * (1 + 1e-12);
    }

    /** @return list<string>|null null where no tools of the plan make it possible */
    private function cheapestFor(LadderWork $work): ?array
    {
        $plan = (new KitPlan())($this->kit->planFor([$work], $this->tools, $this->had));

        return $plan->uncoverable === [] ? $plan->buy : null;
    }

    /**
     * @param  list<string>  $had
     * @return list<LadderWork> works still locked that these tools make possible, in the order given
     */
    private function unlockable(array $had): array
    {
        $atHand = array_fill_keys($had, true);
        $possible = [];
        foreach ($this->kit->methods as $method) {
            if (
                $method->grade >= ($this->kit->grades[$method->operation] ?? 0.0) &&
                array_diff_key($this->bag->withNeeds($method->tools), $atHand) === []
            ) {
                $possible[$method->operation] = true;
            }
        }

        return array_values(
            array_filter(
                $this->kit->works,
                fn (LadderWork $work): bool => ! isset($this->unlocked[$work->id]) &&
                    array_diff_key(array_fill_keys($work->operations, true), $possible) === [],
            ),
        );
    }

    /**
     * @param  list<string>  $buy
     * @param  list<LadderWork>  $works
     */
    private function step(array $buy, array $works): LadderRung
    {
        sort($buy, SORT_STRING);
        $cost = $this->costOf($buy);
        $this->spent += $cost;
        $this->had = [...$this->had, ...$buy];
        $this->unlocked += array_fill_keys(array_map(static fn (LadderWork $work): string => $work->id, $works), true);

        return new LadderRung(
            $buy,
            $cost,
            array_map(static fn (LadderWork $work): string => $work->id, $works),
            $this->spent,
        );
    }

    /** @param  list<string>  $tools */
    private function costOf(array $tools): float
    {
        return (float) array_sum(array_map(fn (string $tool): float => $this->costs[$tool], $tools));
    }

    /** @param  list<LadderWork>  $works */
    private function weightOf(array $works): float
    {
        return (float) array_sum(array_map(static fn (LadderWork $work): float => $work->weight, $works));
    }
}
