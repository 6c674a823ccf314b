<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\KitStagesInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\StageWork;
use JackRest\Core\Kit\ToolOffer;

/** The contract of `kit-stages` word by word, every plan found by trying every subset of the tools. */
final class StagesByTrying
{
    /** @var list<array{list<string>, float, float, list<array{string, float}>}> */
    public array $stages = [];

    /** @var array{string, float, list<string>, float}|null */
    public ?array $next = null;

    /** @var list<string> */
    private array $had;

    private float $spent = 0.0;

    public function __construct(private readonly KitStagesInput $kit)
    {
        $this->had = $kit->owned;
    }

    public function climb(): void
    {
        $before = $this->met();
        if ($before !== []) {
            $this->stages[] = [[], 0.0, 0.0, $before];
        }
        while (($candidates = $this->candidates($before)) !== []) {
            $fits = array_filter(
                $candidates,
                fn (array $one): bool => $this->kit->budget === null || $this->spent + $one[3] <= $this->kit->budget,
            );
            usort($candidates, self::order(...));
            usort($fits, self::order(...));
            if ($fits === []) {
                $this->next = array_slice($candidates[0], 0, 4);
                break;
            }
            [, , $buy, $cost] = $fits[0];
            $this->spent += $cost;
            $this->had = [...$this->had, ...$buy];
            $now = $this->met();
            $this->stages[] = [
                $buy, $cost, $this->spent,
                array_values(array_filter($now, static fn (array $goal): bool => ! in_array($goal, $before, true))),
            ];
            $before = $now;
        }
    }

    public function straight(): float
    {
        $all = array_merge(...array_map(static fn (StageWork $work): array => $work->operations, $this->kit->works));

        $highest = max([0.0, ...$this->kit->floors]);

        return $this->cheapest(array_values(array_unique($all)), $highest, $this->kit->owned)[1];
    }

    /**
     * @param  list<array{string, float}>  $met
     * @return list<array{string, float, list<string>, float, float}> work, floor, tools, cost, rank
     */
    private function candidates(array $met): array
    {
        $candidates = [];
        foreach ($this->kit->works as $work) {
            foreach ($this->kit->floors as $place => $floor) {
                if (! in_array([$work->id, $floor], $met, true)) {
                    [$buy, $cost] = $this->cheapest($work->operations, $floor, $this->had);
                    $candidates[] = [$work->id, $floor, $buy, $cost, ($cost * ($place + 1)) / $work->weight];
                    break;
                }
            }
        }

        return $candidates;
    }

    /**
     * @param  array{string, float, list<string>, float, float}  $a
     * @param  array{string, float, list<string>, float, float}  $b
     */
    private static function order(array $a, array $b): int
    {
        return [round($a[4], 9), $a[1]] <=> [round($b[4], 9), $b[1]];
    }

    /** @return list<array{string, float}> */
    private function met(): array
    {
        $goals = [];
        foreach ($this->kit->works as $work) {
            foreach ($this->kit->floors as $floor) {
                if ($this->isMet($work->operations, $floor, $this->had)) {
                    $goals[] = [$work->id, $floor];
                }
            }
        }

        return $goals;
    }

    /**
     * @param  list<string>  $operations
     * @param  list<string>  $had
     */
    private function isMet(array $operations, float $floor, array $had): bool
    {
        $working = $this->working($had);
        foreach ($operations as $operation) {
            $methods = array_filter(
                $this->kit->methods,
                static fn (Method $method): bool => $method->operation === $operation,
            );
            $best = max([0.0, ...array_map(static fn (Method $method): float => $method->grade, $methods)]);
            $asked = min($floor, $this->kit->grades[$operation] ?? INF, $best);
            $serving = array_filter(
                $methods,
                static fn (Method $method): bool => $method->grade >= $asked
                    && array_diff($method->tools, $working) === [],
            );
            if ($serving === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $had
     * @return list<string> those whose needs are there, right down
     */
    private function working(array $had): array
    {
        do {
            $before = count($had);
            foreach ($this->kit->tools as $tool) {
                if (in_array($tool->id, $had, true) && array_diff($tool->needs, $had) !== []) {
                    $had = array_values(array_diff($had, [$tool->id]));
                }
            }
        } while (count($had) < $before);

        return $had;
    }

    /**
     * @param  list<string>  $operations
     * @param  list<string>  $had
     * @return array{list<string>, float}
     */
    private function cheapest(array $operations, float $floor, array $had): array
    {
        $offers = array_values(
            array_filter($this->kit->tools, static fn (ToolOffer $tool): bool => ! in_array($tool->id, $had, true)),
        );
        $best = null;
        for ($subset = 0; $subset < 1 << count($offers); $subset++) {
            $taken = array_values(array_filter(
                $offers,
                static fn (int $place): bool => ($subset >> $place & 1) === 1,
                ARRAY_FILTER_USE_KEY,
            ));
            $ids = array_map(static fn (ToolOffer $tool): string => $tool->id, $taken);
            sort($ids);
            $cost = array_sum(array_map(static fn (ToolOffer $tool): float => $tool->cost, $taken));
            if (
                ($best === null || [$cost, count($ids), $ids] < [$best[1], count($best[0]), $best[0]])
                && $this->isMet($operations, $floor, [...$had, ...$ids])
            ) {
                $best = [$ids, (float) $cost];
            }
        }

        return $best ?? [[], 0.0];
    }
}
