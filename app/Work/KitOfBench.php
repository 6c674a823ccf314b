<?php

declare(strict_types=1);

namespace App\Work;

use App\Bench\Bench;
use App\Pace\StepTime;
use App\School\KitSettings;
use App\Stone\StockOfRack;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Job\Pace;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\KitPlanner;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Kit\ToolAtHand as CoreTool;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\Kit\WorkTasks;
use JackRest\Core\School\School;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Task;

/** The tools of a bench beside the works they are for, and what the core says of both. */
final class KitOfBench
{
    /** @var Collection<int, Tool> */
    public readonly Collection $tools;

    /** @var Collection<int, Work> the next first: those with a date by their date, then as they were written down */
    public readonly Collection $works;

    public readonly KitSettings $settings;

    public readonly School $school;

    /** @var list<CoreTool>|null */
    private ?array $owned = null;

    /** @var list<CoreTool>|null */
    private ?array $atHand = null;

    private ?StockOfRack $rack = null;

    private ?KitPlanner $planner = null;

    private ?Ladder $ladder = null;

    private ?Coverage $coverage = null;

    private ?Coverage $planned = null;

    /** @var array<string, Pace>|null */
    private ?array $paces = null;

    public function __construct(public readonly Bench $bench)
    {
        $this->tools = Tool::of($bench)->get()->toBase();
        $this->works = Work::of($bench)
            ->get()
            ->toBase()
            ->sortBy(static fn (Work $work): array => [! $work->chosen, $work->due_on ?? '9999', $work->id])
            ->values();
        $this->settings = KitSettings::now($bench);
        $this->school = $this->settings->school();
    }

    public function nextWork(): ?Work
    {
        return $this->works->first(static fn (Work $work): bool => $work->chosen);
    }

    /**
     * The works that are chosen; for a school that buys for the next work only, that one.
     *
     * @return Collection<int, Work>
     */
    public function chosen(): Collection
    {
        $chosen = $this->works->where('chosen', true);

        return $this->school->nextWorkOnly() ? $chosen->take(1) : $chosen;
    }

    /** All of it bought straight away, whatever can be spent: what another choice would cost. */
    public function planner(): KitPlanner
    {
        return $this->planner ??= new KitPlanner(
            array_values($this->chosen()->map($this->planned(...))->all()),
            $this->owned(),
            $this->wanted(),
            $this->school,
        );
    }

    public function ladder(): Ladder
    {
        return $this->ladder ??= $this->ladderFor($this->chosen());
    }

    /** @param  Collection<int, Work>  $works */
    public function ladderFor(Collection $works): Ladder
    {
        return new Ladder(
            array_values($works->map($this->planned(...))->all()),
            $this->owned(),
            $this->wanted(),
            $this->school,
            $this->settings->budget,
            $this->settings->months(Carbon::now()->toDateString()),
            $this->settings->floor ?? 1,
        );
    }

    /** @return list<WantedTool> */
    private function wanted(): array
    {
        return array_map(static fn (Tool $tool): WantedTool => $tool->toWanted(), $this->of(ToolStatus::Wanted));
    }

    /** @return array<string, Pace> what is learnt of how long whoever works here takes, by operation */
    public function paces(): array
    {
        return $this->paces ??= StepTime::paces($this->bench);
    }

    /** What can be done with the tools owned. */
    public function coverage(): Coverage
    {
        return $this->coverage ??= new Coverage(new ToolsAtHand($this->atHand()), $this->school);
    }

    /** What could be done from the top of the ladder. */
    public function coverageOfPlan(): Coverage
    {
        return $this->planned ??= new Coverage(
            new ToolsAtHand([
                ...$this->owned(),
                ...array_map(
                    static fn (Offer $offer): CoreTool => new CoreTool(
                        $offer->id,
                        $offer->kind,
                        $offer->name,
                        $offer->sizes,
                    ),
                    $this->ladder()->toGet(),
                ),
            ]),
            $this->school,
        );
    }

    public function planned(Work $work): PlannedWork
    {
        return $work->planned(new WorkTasks($this->school, $this->settings->floor));
    }

    /** @return list<TaskCoverage> */
    public function covered(Work $work): array
    {
        return array_map($this->coverage()->of(...), $this->planned($work)->tasks);
    }

    /**
     * @return list<Task> tasks of a work that cannot be done well enough with the tools owned, or owned without one of
     * them
     */
    public function lacking(Work $work, ?Tool $without = null): array
    {
        $coverage =
            $without === null
                ? $this->coverage()
                : new Coverage(
                    new ToolsAtHand(
                        array_values(
                            array_filter(
                                $this->atHand(),
                                static fn (CoreTool $tool): bool => $tool->id !== (string) $without->id,
                            ),
                        ),
                    ),
                    $this->school,
                );

        return array_values(
            array_filter(
                $this->planned($work)->tasks,
                static fn (Task $task): bool => ! $coverage->of($task)->isEnough(),
            ),
        );
    }

    /** How well a work can be made with what hangs here: 1 to 5; null: something of it cannot be done at all. */
    public function floor(Work $work): ?int
    {
        $floor = 5;
        foreach ($this->covered($work) as $row) {
            if ($row->best === null && ! $row->byMachine) {
                return null;
            }
            $floor = $row->isEnough() ? $floor : min($floor, $row->best->way->grade ?? $floor);
        }
        $asked = array_map(static fn (Task $task): int => $task->minGrade, $this->planned($work)->tasks);

        return min($floor, max([1, ...$asked]));
    }

    /** What a kind is got for: the chosen works that lack something it takes part in; null: none of them. */
    public function wantedFor(string $kind): ?string
    {
        $takesPart = array_fill_keys(
            array_map(static fn (Operation $operation): string => $operation->id, Operations::byKind()[$kind] ?? []),
            true,
        );
        $wanting = $this->works->filter(
            fn (Work $work): bool => $work->chosen &&
                array_filter(
                    $this->lacking($work),
                    static fn (Task $task): bool => isset($takesPart[$task->operation->id]),
                ) !== [],
        );

        return $wanting->isEmpty() ? null : $wanting->pluck('name')->implode(', ');
    }

    /** @return list<CoreTool> all of them: what is lent or put away is not bought again */
    public function owned(): array
    {
        return $this->owned ??= $this->withRack(static fn (Tool $tool): bool => true);
    }

    /** @return list<CoreTool> those that hang here */
    public function atHand(): array
    {
        return $this->atHand ??= $this->withRack(static fn (Tool $tool): bool => $tool->isAtHand());
    }

    /**
     * @param  callable(Tool): bool  $counts
     * @return list<CoreTool>
     */
    private function withRack(callable $counts): array
    {
        $this->rack ??= new StockOfRack($this->bench);
        $owned = $this->of(ToolStatus::Owned);
        $serving = array_filter($owned, fn (Tool $tool): bool => $counts($tool) && $this->rack->serves($tool));

        return [
            ...array_map(static fn (Tool $tool): CoreTool => $tool->toCore(), array_values($serving)),
            ...$this->rack->besides($owned),
        ];
    }

    /** @return list<Tool> lent or put away, and wanted for what cannot be done without them */
    public function toFetch(Work $work): array
    {
        $whole = new Coverage(new ToolsAtHand($this->owned()), $this->school);
        $ids = [];
        foreach ($this->lacking($work) as $task) {
            foreach ($whole->of($task)->isEnough() ? $whole->of($task)->best->tools ?? [] : [] as $tool) {
                $ids[$tool->id] = true;
            }
        }

        return array_values(
            array_filter(
                $this->of(ToolStatus::Owned),
                static fn (Tool $tool): bool => ! $tool->isAtHand() && isset($ids[(string) $tool->id]),
            ),
        );
    }

    /** @return list<Tool> */
    public function of(ToolStatus $status): array
    {
        return array_values($this->tools->filter(static fn (Tool $tool): bool => $tool->status === $status)->all());
    }

    /** The record an offer stands for; null where it comes from the list of kinds. */
    public function toolOf(Offer $offer): ?Tool
    {
        return ctype_digit($offer->id) ? $this->tools->firstWhere('id', (int) $offer->id) : null;
    }
}
