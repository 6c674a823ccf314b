<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\School\School;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;

/**
 * The way up from the tools somebody has: first to make something at all, then to make it better, by `kit-stages`.
 *
 * A stage is one or several rungs, each of use by itself. A tool that could not be made with what is there by then is
 * priced as bought, and all is asked again.
 */
final class Ladder
{
    /** @var list<Rung> */
    private readonly array $rungs;

    private readonly LadderStages $answer;

    private readonly RungCutter $cutter;

    /** What the budget does not reach for next; null: it reaches for all, or there is none. */
    public readonly ?OutOfReach $outOfReach;

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<ToolAtHand>  $owned
     * @param  list<WantedTool>  $wanted
     * @param  int  $least  how well everything has to be done at the very least, 1 to 5
     */
    public function __construct(
        private readonly array $works,
        private readonly array $owned,
        array $wanted,
        private readonly School $school,
        private readonly ?float $budget = null,
        ?Months $months = null,
        private readonly int $least = 1,
    ) {
        $this->answer = $this->feasible(Offers::for($wanted, $school));
        $this->cutter = new RungCutter($this->answer, $months);
        $this->rungs = $this->cutter->all();
        $this->outOfReach = $this->beyond();
    }

    /** @return list<Rung> */
    public function rungs(): array
    {
        return $this->rungs;
    }

    /** @return list<Offer> the tools in the order they are got */
    public function inOrder(): array
    {
        return array_merge(...array_map(static fn (Rung $rung): array => $rung->tools, $this->rungs));
    }

    /** @return list<Offer> the same, and what the budget buys of the rung that it does not reach for */
    public function toGet(): array
    {
        return [...$this->inOrder(), ...$this->outOfReach->meanwhile->tools ?? []];
    }

    /** What all of that costs. */
    public function toSpend(): float
    {
        return $this->total() + ($this->outOfReach->meanwhile->cost ?? 0.0);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Offer $offer): string => $offer->id, $this->toGet());
    }

    /** The first rung that asks for something; null: nothing is left to get. */
    public function next(): ?Rung
    {
        foreach ($this->rungs as $rung) {
            if ($rung->tools !== []) {
                return $rung;
            }
        }

        return null;
    }

    /** @return list<Lift> of all that is to be got */
    public function lifts(): array
    {
        $beyond = $this->outOfReach->meanwhile->lifts ?? [];

        return array_merge($beyond, ...array_map(static fn (Rung $rung): array => $rung->lifts, $this->rungs));
    }

    /** What to do now: the next rung, or what the money buys of one that it does not reach for. */
    public function now(): ?Rung
    {
        return $this->next() ?? $this->outOfReach?->meanwhile;
    }

    /** @return list<Task> what becomes possible at all with the tools at hand and this one, and no other */
    public function opens(Offer $offer): array
    {
        $tool = new ToolAtHand($offer->id, $offer->kind, $offer->name, $offer->sizes);
        $now = new Coverage(new ToolsAtHand($this->owned), $this->school);
        $then = new Coverage(new ToolsAtHand([...$this->owned, $tool]), $this->school);
        $opened = [];
        foreach ($this->works as $work) {
            foreach ($work->tasks as $task) {
                $was = $now->of($task);
                if (! $was->byMachine && $was->best === null && $then->of($task)->best !== null) {
                    $opened[$task->operation->id] ??= $task;
                }
            }
        }

        return array_values($opened);
    }

    /** What all rungs cost. */
    public function total(): float
    {
        return $this->answer->climb->spent;
    }

    /** What the same would cost bought straight away, without a makeshift on the way; null with a budget too small. */
    public function straight(): ?float
    {
        return $this->answer->climb->next === null ? $this->answer->straight() : null;
    }

    /** Whether every plan on the way is proven to be the cheapest. */
    public function isProven(): bool
    {
        return $this->answer->climb->isProven;
    }

    /** @return int how many tools were chosen among */
    public function offered(): int
    {
        return count($this->answer->problem->problem->tools);
    }

    /** What the paper, blades and files of what is got cost in a year. */
    public function runningPerYear(): float
    {
        return array_sum(
            array_map(
                static fn (Offer $offer): float => ToolKinds::named($offer->kind)->runningPerYear,
                $this->toGet(),
            ),
        ) * $this->school->runningFactor();
    }

    /** @return list<PlannedWork> works that cannot be made at all by the end of it */
    public function locked(): array
    {
        $reached = [];
        foreach ($this->rungs as $rung) {
            foreach ($rung->reached as $goal) {
                $reached[$goal->work->id] = true;
            }
        }

        return array_values(
            array_filter($this->works, static fn (PlannedWork $work): bool => ! isset($reached[$work->id])),
        );
    }

    /** @return list<PlannedWork> works with an operation that nothing owned or offered does */
    public function impossible(): array
    {
        $ids = $this->answer->goals->impossible;

        return array_values(
            array_filter($this->works, static fn (PlannedWork $work): bool => in_array($work->id, $ids, true)),
        );
    }

    /**
     * @return list<Task> the operations that nothing owned or offered does, or does as well as it
     * is asked
     */
    public function missing(): array
    {
        $problem = $this->answer->problem->problem;
        $best = [];
        foreach ($problem->methods as $method) {
            $best[$method->operation] = max($best[$method->operation] ?? 0.0, $method->grade);
        }
        $missing = [];
        foreach ($problem->tasks as $operation => $task) {
            if (($best[$operation] ?? 0.0) < $task->minGrade && $task->operation->id !== 'hone') {
                $missing[] = $task;
            }
        }

        return $missing;
    }

    private function beyond(): ?OutOfReach
    {
        $next = $this->answer->climb->next;
        if ($next === null) {
            return null;
        }
        $had = $this->had();
        $steps = $this->answer->steps($next->buy, $had);
        $tools = array_merge(...array_column($steps, 0));
        $borrow = $this->answer->toBorrow($tools, $next->short);
        $all = $this->cutter->rung(
            0,
            $tools,
            $this->total(),
            array_merge(...array_column($steps, 1)),
            $this->answer->beyond($had),
        );

        return new OutOfReach(
            array_column($this->works, null, 'id')[$next->work],
            (int) $next->floor,
            $all,
            $next->short,
            $borrow,
            $borrow === null ? $this->affordable($next->buy, $had) : $this->without($borrow, $all),
        );
    }

    /**
     * Those steps that are of use by themselves and that the money reaches for.
     *
     * @param  list<string>  $buy
     * @param  array<string, true>  $had
     */
    private function affordable(array $buy, array $had): ?Rung
    {
        $steps = $this->answer->steps($buy, $had, (float) $this->budget - $this->total());

        return $steps === []
            ? null
            : $this->cutter->rung(
                0,
                array_merge(...array_column($steps, 0)),
                $this->total(),
                array_merge(...array_column($steps, 1)),
            );
    }

    /** All but what is borrowed. */
    private function without(Offer $borrow, Rung $all): ?Rung
    {
        $tools = array_values(array_filter($all->tools, static fn (Offer $offer): bool => $offer !== $borrow));

        return $tools === [] ? null : $this->cutter->rung(0, $tools, $this->total(), $all->lifts);
    }

    /** @return array<string, true> everything owned by the end of it, keyed by tool */
    private function had(): array
    {
        $had = $this->answer->owned();
        foreach ($this->answer->stages as $stage) {
            $had += array_fill_keys($stage->buy, true);
        }

        return $had;
    }

    /**
     * Each round turns at least one kind from made to bought, so there is an end to it.
     *
     * @param  list<Offer>  $offers
     */
    private function feasible(array $offers): LadderStages
    {
        $known = new ProvenParts();
        do {
            $answer = new LadderStages(
                $this->works,
                $this->owned,
                $offers,
                $this->school,
                $this->budget,
                $this->least,
                $known,
            );
            $tooSoon = $answer->madeTooSoon($this->owned);
            $offers = array_map(
                fn (Offer $offer): Offer => $offer->making !== null && in_array($offer->kind, $tooSoon, true)
                    ? $offer->bought(Offers::shopPrice(ToolKinds::named($offer->kind), $this->school))
                    : $offer,
                $offers,
            );
        } while ($tooSoon !== []);

        return $answer;
    }
}
