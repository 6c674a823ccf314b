<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/**
 * Turns tasks, tools and offers into what `kit-plan` is asked: each way with every set of tools that suits the
 * work's own numbers is a method; a need that several kinds give is given by one that is owned, or by the
 * school's own choice, or by the cheapest.
 */
final class PlanProblem
{
    /** @var array<string, string> operation id of the problem, by task key */
    public readonly array $operationOf;

    /** @var array<string, Task> by operation id of the problem */
    public readonly array $tasks;

    /** @var list<ToolOffer> */
    public readonly array $tools;

    /** @var list<Method> */
    public readonly array $methods;

    /** @var list<Way> what each method is a way of, by its place */
    public readonly array $ways;

    /** @var list<string> */
    public readonly array $owned;

    /** @var array<string, list<ToolAtHand>> */
    private array $ownedByKind = [];

    /** @var array<string, list<Offer>> */
    private array $offersByKind = [];

    /**
     * @param  list<Task>  $tasks
     * @param  list<ToolAtHand>  $owned
     * @param  list<Offer>  $offers
     * @param  Sharpening|null  $sharpening  what else an edge may be sharpened with, tried beside the school's own way;
     *                                       null: nothing else
     */
    public function __construct(
        array $tasks,
        array $owned,
        array $offers,
        private readonly School $school,
        private readonly ?Sharpening $sharpening = null,
    ) {
        foreach ($owned as $tool) {
            $this->ownedByKind[$tool->kind][] = $tool;
        }
        foreach ($offers as $offer) {
            $this->offersByKind[$offer->kind][] = $offer;
        }
        foreach ($this->offersByKind as &$ofKind) {
            usort($ofKind, static fn (Offer $a, Offer $b): int => $a->price <=> $b->price);
        }
        unset($ofKind);
        $this->tools = $this->complete([...$this->ownedTools($owned), ...$this->offeredTools($offers)]);
        $known = array_fill_keys(array_map(static fn (ToolOffer $tool): string => $tool->id, $this->tools), true);
        $this->owned = array_values(
            array_filter(
                array_map(static fn (ToolAtHand $tool): string => $tool->id, $owned),
                static fn (string $id): bool => isset($known[$id]),
            ),
        );
        [$this->tasks, $this->methods, $this->operationOf, $this->ways] = $this->expand($tasks, $known);
    }

    /** @return list<OperationWanted> */
    public function wanted(): array
    {
        return array_map(
            static fn (string $id, Task $task): OperationWanted => new OperationWanted($id, (float) $task->minGrade),
            array_keys($this->tasks),
            array_values($this->tasks),
        );
    }

    public function input(?float $budget = null): KitPlanInput
    {
        return new KitPlanInput($this->wanted(), $this->tools, $this->methods, $this->owned, $budget);
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, true>  $known
     * @return array{array<string, Task>, list<Method>, array<string, string>, list<Way>}
     */
    private function expand(array $tasks, array $known): array
    {
        $byShape = $wanted = $methods = $operationOf = $ways = [];
        foreach ($tasks as $task) {
            if (isset($operationOf[$task->key()]) || ($task->operation->byMachine && $this->school->machines())) {
                continue;
            }
            $own = $ofWay = [];
            foreach ($task->operation->ways as $way) {
                foreach ($way->allowedBy($task->facts) ? $this->toolSets($way, $task) : [] as $set) {
                    if (array_diff_key(array_fill_keys($set, true), $known) === []) {
                        $own[] = [$set, $this->sharpening?->grade($task->operation, $way) ?? $way->grade];
                        $ofWay[] = $way;
                    }
                }
            }
            // Tasks that the same sets of tools serve equally well are one operation to the plan.
            $shape = json_encode([$task->operation->id, $task->minGrade, $own], JSON_THROW_ON_ERROR);
            if (! isset($byShape[$shape])) {
                $id = $byShape[$shape] = "{$task->operation->id}#".count($byShape);
                $wanted[$id] = $task;
                foreach ($own as $place => [$set, $grade]) {
                    $methods[] = new Method($id, $set, (float) $grade);
                    $ways[] = $ofWay[$place];
                }
            }
            $operationOf[$task->key()] = $byShape[$shape];
        }

        return [$wanted, $methods, $operationOf, $ways];
    }

    /** @return list<list<string>> every set of tools that does it this way */
    private function toolSets(Way $way, Task $task): array
    {
        $sets = [[]];
        foreach ($way->kinds as $kind) {
            $ids = $this->idsSuiting($way, $kind, $task);
            $longer = [];
            foreach ($sets as $set) {
                foreach ($ids as $id) {
                    $longer[] = [...$set, $id];
                }
            }
            $sets = $longer;
        }

        return $this->sharpening === null || ! self::hasEdge($way) ? $sets : $this->sharpened($sets);
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
     * @param  list<list<string>>  $sets
     * @return list<list<string>> each with every way to sharpen that is tried
     */
    private function sharpened(array $sets): array
    {
        $all = [];
        foreach ($this->sharpening->with ?? [] as $with) {
            foreach ($sets as $set) {
                $all[] = [...$set, ...$with];
            }
        }

        return $all;
    }

    /** @return list<string> one that is owned, or else each that could be had */
    private function idsSuiting(Way $way, string $kind, Task $task): array
    {
        foreach ($this->ownedByKind[$kind] ?? [] as $tool) {
            if ($way->suits($kind, $tool->sizes(), $task->facts)) {
                return [$tool->id];
            }
        }
        $suiting = array_filter(
            $this->offersByKind[$kind] ?? [],
            static fn (Offer $offer): bool => $way->suits($kind, $offer->sizes, $task->facts),
        );

        return array_values(array_map(static fn (Offer $offer): string => $offer->id, $suiting));
    }

    /**
     * @param  list<ToolAtHand>  $owned
     * @return list<ToolOffer>
     */
    private function ownedTools(array $owned): array
    {
        return array_map(
            fn (ToolAtHand $tool): ToolOffer => new ToolOffer($tool->id, 0.0, $this->needs($tool->kind)),
            $owned,
        );
    }

    /**
     * @param  list<Offer>  $offers
     * @return list<ToolOffer>
     */
    private function offeredTools(array $offers): array
    {
        return array_map(
            fn (Offer $offer): ToolOffer => new ToolOffer($offer->id, $offer->price, $this->needs($offer->kind)),
            $offers,
        );
    }

    /** @return list<string> ids; of what nobody owns and nobody offers, the bare kind, which names no tool */
    private function needs(string $kind): array
    {
        $needs = [];
        foreach (ToolKinds::named($kind)->needs as $need) {
            if ($need === Need::Hone && $this->sharpening !== null) {
                continue;
            }
            $needs[] =
                $need instanceof Need
                    ? $this->giver($this->school->givers($need), $need->value)
                    : $this->giver([$need], $need);
            if ($need === Need::Hone && $this->school->guides()) {
                $needs[] = $this->giver(['honing-guide'], 'honing-guide');
            }
        }

        return $needs;
    }

    /** @param  list<string>  $kinds */
    private function giver(array $kinds, string $otherwise): string
    {
        foreach ($kinds as $kind) {
            if (isset($this->ownedByKind[$kind])) {
                return $this->ownedByKind[$kind][0]->id;
            }
        }
        foreach ($kinds as $kind) {
            if (isset($this->offersByKind[$kind])) {
                return $this->offersByKind[$kind][0]->id;
            }
        }

        return $otherwise;
    }

    /**
     * @param  list<ToolOffer>  $tools
     * @return list<ToolOffer> those whose needs can be met, right down
     */
    private function complete(array $tools): array
    {
        do {
            $before = count($tools);
            $ids = array_fill_keys(array_map(static fn (ToolOffer $tool): string => $tool->id, $tools), true);
            $tools = array_values(
                array_filter(
                    $tools,
                    static fn (ToolOffer $tool): bool => array_diff_key(array_fill_keys($tool->needs, true), $ids) ===
                        [],
                ),
            );
        } while (count($tools) < $before);

        return $tools;
    }
}
