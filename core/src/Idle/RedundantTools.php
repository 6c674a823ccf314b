<?php

declare(strict_types=1);

namespace JackRest\Core\Idle;

use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\KitPlan;
use JackRest\Core\Kit\KitPlanInput;
use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\OperationWanted;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolOffer;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/**
 * The tools that could go without any chosen work being done worse.
 *
 * Every task that can be done now must stay as well done as now, and every tool that stays must keep what it needs
 * beside it. What stays is then the cheapest set that serves all of it, with the tools' own worth as prices – the
 * question of `kit-plan`, and as exact; what goes is the rest, the largest such set. With a price of one for
 * each it is the largest by number. Tools kept for their own sake stay, and cost nothing.
 */
final readonly class RedundantTools
{
    /** @var array<string, list<ToolAtHand>> those that count, by kind */
    private array $atHand;

    /**
     * @var array<array-key, array<string, list<string>>> what each tool needs beside it, as far as it is met now: ids
     * of the givers, by the need
     */
    private array $needs;

    /**
     * @param  list<Task>  $tasks  of the chosen works
     * @param  list<ToolAtHand>  $owned
     * @param  array<array-key, float>  $worth  by the id of a tool
     * @param  array<array-key, true>  $kept  ids of those kept for their own sake
     */
    public function __construct(
        private array $tasks,
        private array $owned,
        private array $worth,
        private array $kept,
        private School $school,
    ) {
        $working = new ToolsAtHand($owned);
        $byKind = [];
        foreach ($owned as $tool) {
            $byKind[$tool->kind] = $working->of($tool->kind);
        }
        $this->atHand = array_filter($byKind, static fn (array $tools): bool => $tools !== []);
        $this->needs = $this->needsOfAll();
    }

    public function byWorth(): RedundantSet
    {
        return $this->set($this->worth);
    }

    /** Of several sets of the same number the one that is worth most. */
    public function byNumber(): RedundantSet
    {
        return $this->set($this->onePlusWorth());
    }

    /**
     * The question as `kit-plan` is asked it.
     *
     * @param  array<array-key, float>  $prices  by the id of a tool
     */
    public function problem(array $prices): KitPlanInput
    {
        $suiting = $this->suiting($prices);
        [$operations, $methods] = $this->operations($suiting);
        $forced = $this->forced($methods);
        foreach ($forced as $need => $givers) {
            $operations["needs $need"] = new OperationWanted("needs $need");
            foreach ($givers as $giver) {
                $methods[] = new Method("needs $need", [$giver]);
            }
        }
        $whole = [];
        foreach ($methods as $method) {
            foreach ($this->withNeeds($method->tools, $forced) as $set) {
                $whole[json_encode([$method->operation, $set], JSON_THROW_ON_ERROR)] = new Method(
                    $method->operation,
                    $set,
                    $method->grade,
                );
            }
        }

        return new KitPlanInput(
            array_values($operations),
            array_map(
                static fn (ToolAtHand $tool): ToolOffer => new ToolOffer($tool->id, $prices[$tool->id] ?? 0.0),
                $this->owned,
            ),
            array_values($whole),
            array_map(strval(...), array_keys($this->kept)),
        );
    }

    /** @param  array<array-key, float>  $prices */
    private function set(array $prices): RedundantSet
    {
        $plan = (new KitPlan())($this->problem($prices));
        $stays = array_fill_keys($plan->buy, true) + $this->kept;
        $goes = array_values(
            array_filter($this->owned, static fn (ToolAtHand $tool): bool => ! isset($stays[$tool->id])),
        );

        return new RedundantSet(
            $goes,
            array_sum(array_map(fn (ToolAtHand $tool): float => $this->worth[$tool->id] ?? 0.0, $goes)),
            $plan->provenOptimal,
        );
    }

    /** @return array<array-key, float> so much for each tool that no worth outweighs one, and its worth */
    public function onePlusWorth(): array
    {
        $one = 1.0 + ceil(array_sum($this->worth));
        $prices = [];
        foreach ($this->owned as $tool) {
            $prices[$tool->id] = $one + ($this->worth[$tool->id] ?? 0.0);
        }

        return $prices;
    }

    /**
     * For every task that can be done now: which tools of each kind suit which way. Of several tools that suit no more
     * than another one of their kind which costs no more to keep, none is ever needed.
     *
     * @param  array<array-key, float>  $prices
     * @return list<array{Task, int, list<array{Way, array<string, list<string>>}>}> task, grade now, its ways
     */
    private function suiting(array $prices): array
    {
        $coverage = new Coverage(new ToolsAtHand($this->owned), $this->school);
        $rows = $seen = $suits = [];
        foreach ($this->tasks as $task) {
            $best = $coverage->of($task)->best;
            if (
                isset($seen[$task->key()]) ||
                $best === null ||
                ! $coverage->of($task)->isEnough() ||
                $coverage->of($task)->byMachine
            ) {
                continue;
            }
            $seen[$task->key()] = true;
            $ways = [];
            foreach ($task->operation->ways as $way) {
                $sets =
                    $way->grade >= $best->way->grade && $way->allowedBy($task->facts)
                        ? $this->suitingOf($way, $task)
                        : null;
                if ($sets !== null) {
                    foreach ($sets as $kind => $ids) {
                        foreach ($ids as $id) {
                            $suits[$kind][$id][] = count($rows).'/'.count($ways);
                        }
                    }
                    $ways[] = [$way, $sets];
                }
            }
            $rows[] = [$task, $best->way->grade, $ways];
        }
        $needless = array_merge(
            [],
            ...array_map(fn (array $ofKind): array => $this->needless($ofKind, $prices), array_values($suits)),
        );

        return array_map(
            static fn (array $row): array => [
                $row[0],
                $row[1],
                array_map(
                    static fn (array $way): array => [
                        $way[0],
                        array_map(static fn (array $ids): array => array_values(array_diff($ids, $needless)), $way[1]),
                    ],
                    $row[2],
                ),
            ],
            $rows,
        );
    }

    /** @return array<string, list<string>>|null by kind the ids that suit; null: the way cannot be gone */
    private function suitingOf(Way $way, Task $task): ?array
    {
        $sets = [];
        foreach ($way->kinds as $kind) {
            $suiting = array_filter(
                $this->atHand[$kind] ?? [],
                static fn (ToolAtHand $tool): bool => $way->suits($kind, $tool->sizes(), $task->facts),
            );
            if ($suiting === []) {
                return null;
            }
            $sets[$kind] = array_values(array_map(static fn (ToolAtHand $tool): string => $tool->id, $suiting));
        }

        return $sets;
    }

    /**
     * @param  array<string, list<string>>  $ofKind  what each tool of a kind suits
     * @param  array<array-key, float>  $prices
     * @return list<string>
     */
    private function needless(array $ofKind, array $prices): array
    {
        $needless = [];
        foreach ($ofKind as $id => $suits) {
            foreach ($ofKind as $other => $more) {
                [$price, $otherPrice] = [$this->price((string) $id, $prices), $this->price((string) $other, $prices)];
                $equal = count($suits) === count($more) && $price === $otherPrice;
                if (
                    $other !== $id &&
                    $otherPrice <= $price &&
                    array_diff($suits, $more) === [] &&
                    (! $equal || strcmp((string) $other, (string) $id) < 0)
                ) {
                    $needless[] = (string) $id;
                    break;
                }
            }
        }

        return $needless;
    }

    /** @param  array<array-key, float>  $prices */
    private function price(string $id, array $prices): float
    {
        return isset($this->kept[$id]) ? 0.0 : $prices[$id] ?? 0.0;
    }

    /**
     * @param  list<array{Task, int, list<array{Way, array<string, list<string>>}>}>  $suiting
     * @return array{array<string, OperationWanted>, list<Method>}
     */
    private function operations(array $suiting): array
    {
        $operations = $methods = [];
        foreach ($suiting as [$task, $grade, $ways]) {
            $sets = [];
            foreach ($ways as [$way, $ids]) {
                array_push($sets, ...self::product(array_values($ids)));
            }
            // Tasks that the same sets serve are one.
            sort($sets);
            $id = "{$task->operation->id} ".md5(json_encode($sets, JSON_THROW_ON_ERROR));
            if (isset($operations[$id])) {
                continue;
            }
            $operations[$id] = new OperationWanted($id, (float) $grade);
            foreach ($sets as $set) {
                $methods[] = new Method($id, $set, (float) $grade);
            }
        }

        return [$operations, $methods];
    }

    /**
     * Needs that some task asks for whichever way it is done: they are served once, and no method names them.
     *
     * @param  list<Method>  $methods
     * @return array<string, list<string>> ids of the givers, by the need
     */
    private function forced(array $methods): array
    {
        $everyWay = [];
        foreach ($methods as $method) {
            $needs = [];
            foreach ($method->tools as $tool) {
                $needs += $this->needs[$tool];
            }
            $everyWay[$method->operation] = isset($everyWay[$method->operation])
                ? array_intersect_key($everyWay[$method->operation], $needs)
                : $needs;
        }

        return array_merge([], ...array_values($everyWay));
    }

    /**
     * A set of tools with what they need beside them, in every way it can be met.
     *
     * @param  list<string>  $tools
     * @param  array<string, list<string>>  $forced
     * @return list<list<string>>
     */
    private function withNeeds(array $tools, array $forced): array
    {
        foreach ($tools as $tool) {
            foreach ($this->needs[$tool] as $need => $givers) {
                if (isset($forced[$need]) || array_intersect($givers, $tools) !== []) {
                    continue;
                }

                return array_merge(
                    [],
                    ...array_map(fn (string $giver): array => $this->withNeeds([...$tools, $giver], $forced), $givers),
                );
            }
        }
        sort($tools);

        return [array_values(array_unique($tools))];
    }

    /** @return array<array-key, array<string, list<string>>> */
    private function needsOfAll(): array
    {
        $ofKind = [];
        foreach (array_keys($this->atHand) as $kind) {
            foreach (ToolKinds::named($kind)->needs as $need) {
                $ofKind[$kind][$need instanceof Need ? $need->value : $need] = $this->ids(
                    $need instanceof Need ? $need->givers() : [$need],
                );
                if ($need === Need::Hone && $this->school->guides()) {
                    $ofKind[$kind]['honing-guide'] = $this->ids(['honing-guide']);
                }
            }
        }
        $needs = [];
        foreach ($this->owned as $tool) {
            $needs[$tool->id] = array_filter(
                $ofKind[$tool->kind] ?? [],
                static fn (array $givers): bool => $givers !== [],
            );
        }

        return $needs;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<string>
     */
    private function ids(array $kinds): array
    {
        return array_map(
            static fn (ToolAtHand $tool): string => $tool->id,
            array_merge([], ...array_map(fn (string $kind): array => $this->atHand[$kind] ?? [], $kinds)),
        );
    }

    /**
     * One of each list, in every way.
     *
     * @param  list<list<string>>  $lists
     * @return list<list<string>>
     */
    private static function product(array $lists): array
    {
        $sets = [[]];
        foreach ($lists as $list) {
            $longer = [];
            foreach ($sets as $set) {
                foreach ($list as $id) {
                    $longer[] = [...$set, $id];
                }
            }
            $sets = $longer;
        }

        return $sets;
    }
}
