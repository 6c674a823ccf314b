<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Ledger\Moment;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Tool\ToolUse;
use App\Tool\ToolUses;
use App\Work\KitOfBench;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Idle\Idleness;
use JackRest\Core\Idle\RedundantTools;
use JackRest\Core\Idle\WithoutOne;
use JackRest\Core\Kit\ToolAtHand as CoreTool;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/** What of the kit is used, what is not, and what could go. */
final class IdleOfBench
{
    /** @var list<Task> of the chosen works */
    private readonly array $tasks;

    /** @var array<int, array{string|null, int}> last day and number of uses, by the id of a tool */
    private readonly array $uses;

    /** @var array<string, list<Way>> */
    private array $waysByKind = [];

    public readonly WithoutOne $without;

    public readonly RedundantTools $redundant;

    public function __construct(private readonly Bench $bench, public readonly KitOfBench $kit)
    {
        $this->tasks = array_values(
            $kit->works
                ->where('chosen', true)
                ->flatMap(static fn ($work): array => $kit->planned($work)->tasks)
                ->all(),
        );
        $this->uses = ToolUses::of($bench);
        $this->without = new WithoutOne($this->tasks, $kit->atHand(), $kit->school);
        $this->redundant = new RedundantTools(
            $this->tasks,
            $kit->atHand(),
            $this->worth(),
            $this->kept(),
            $kit->school,
        );
    }

    /** Without a chosen work nothing can be said to be needed, and nothing to be idle for it. */
    public function hasWorks(): bool
    {
        return $this->tasks !== [];
    }

    /** @return Collection<int, Tool> those that hang here and are not lent */
    public function tools(): Collection
    {
        return collect($this->kit->of(ToolStatus::Owned))
            ->filter(static fn (Tool $tool): bool => $tool->isAtHand())
            ->values();
    }

    /** Whether it hangs here, is not kept for its own sake, and stands idle. */
    public function stands(Tool $tool): bool
    {
        return $tool->status === ToolStatus::Owned &&
            $tool->isAtHand() &&
            ! $tool->kept &&
            $this->idleness($tool)->isIdle();
    }

    public function idleness(Tool $tool): Idleness
    {
        $now = Carbon::now()->getTimestamp() / Moment::SECONDS_PER_DAY;
        $days = static fn (string $from): int => max(0, (int) floor($now - Moment::day($from)));
        [$last, $count] = $this->uses[$tool->id] ?? [null, 0];
        $ways = $this->waysByKind[$tool->kind] ??= $this->ways($tool->kind);

        return new Idleness(
            $days($tool->hung_on ?? (string) $tool->created_at?->toIso8601ZuluString()),
            $last === null ? null : $days($last),
            $count,
            $this->without->serves($tool->toCore()),
            $ways === [] ? 0.0 : min(array_map(static fn (Way $way): float => $way->setUp, $ways)),
            $ways === [] ? 1 : min(array_map(static fn (Way $way): int => $way->skill, $ways)),
            $tool->bought_for,
        );
    }

    /** @return list<string> works it was really used for, by what was written down */
    public function usedFor(Tool $tool): array
    {
        $names = $this->kit->works->keyBy('id');

        $used = [];
        foreach (ToolUse::of($this->bench)->where('tool_id', $tool->id)->get() as $use) {
            if ($use->work_id !== null) {
                $used[$use->work_id] = $names[$use->work_id]->name ?? 'a work that is gone';
            }
        }

        return array_values($used);
    }

    public static function worthOf(Tool $tool): float
    {
        return $tool->price ?? $tool->kindOfTool()->price;
    }

    /** @return list<Way> the ways of the chosen works it takes part in */
    private function ways(string $kind): array
    {
        $asked = array_fill_keys(
            array_map(static fn (Task $task): string => $task->operation->id, $this->tasks),
            true,
        );
        $ways = [];
        foreach (Operations::byKind()[$kind] ?? [] as $operation) {
            if (isset($asked[$operation->id])) {
                array_push(
                    $ways,
                    ...array_values(
                        array_filter(
                            $operation->ways,
                            static fn (Way $way): bool => in_array($kind, $way->kinds, true),
                        ),
                    ),
                );
            }
        }

        return $ways;
    }

    /** @return array<array-key, float> */
    private function worth(): array
    {
        return $this->tools()
            ->mapWithKeys(static fn (Tool $tool): array => [(string) $tool->id => self::worthOf($tool)])
            ->all();
    }

    /**
     * Kept for their own sake, and what keeps all others in order: that is missed later, not by a work.
     *
     * @return array<array-key, true>
     */
    private function kept(): array
    {
        $own = $this->tools()
            ->filter(static fn (Tool $tool): bool => $tool->kept)
            ->map(static fn (Tool $tool): int => $tool->id)
            ->all();
        $sharpening = array_filter(
            $this->kit->atHand(),
            static fn (CoreTool $tool): bool => ToolKinds::named($tool->kind)->group === Group::Sharpening,
        );

        return array_fill_keys($own, true) +
            array_fill_keys(array_map(static fn (CoreTool $tool): string => $tool->id, $sharpening), true);
    }
}
