<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

/** How far a job is: what is done of its batch, what is in the hand, how the tools are set, and what that has cost. */
final readonly class SequenceState
{
    /** @param  array<array-key, list<string>>  $held  settings by tool, in order */
    public function __construct(
        public int $batch,
        public int $done,
        public string $hand,
        public array $held,
        public int $cost = 0,
        public ?self $from = null,
        public ?SequenceStep $step = null,
        public int $depth = 0,
    ) {
    }

    public function key(): string
    {
        return "{$this->batch} {$this->done} {$this->hand} ".serialize($this->held);
    }

    /** @return list<self> after this task, once for each setting that could give way to its own */
    public function after(int $task, SequenceProblem $problem): array
    {
        $next = $problem->tasks[$task];
        $isFetched = $next->tool !== '' && $next->tool !== $this->hand;
        $hand = $next->tool === '' ? $this->hand : $next->tool;
        $isSet = $next->setting !== '' && ! in_array($next->setting, $this->held[$next->tool] ?? [], true);
        $after = [];
        foreach ($isSet ? $this->reset($next, $problem->copies($next->tool)) : [$this->held] as $held) {
            $done = $this->done | 1 << $task;
            $isOver = $done === $problem->all && $this->batch + 1 < $problem->batches;
            $after[] = new self(
                $isOver ? $this->batch + 1 : $this->batch,
                $isOver ? 0 : $done,
                $hand,
                $held,
                $this->cost + ($isSet ? SequenceProblem::SETTING : 0) + ($isFetched ? 1 : 0),
                $this,
                new SequenceStep($this->batch, $next->id, $isFetched, $isSet),
                $this->depth + 1,
            );
        }

        return $after;
    }

    /** @return list<array<array-key, list<string>>> */
    private function reset(SequenceTask $task, int $copies): array
    {
        $now = $this->held[$task->tool] ?? [];
        $kept = [];
        if (count($now) < $copies) {
            $kept[] = $now;
        } else {
            foreach (array_keys($now) as $given) {
                $kept[] = array_values(array_diff_key($now, [$given => true]));
            }
        }

        return array_map(function (array $keeps) use ($task): array {
            $settings = [...$keeps, $task->setting];
            sort($settings);
            // Not spread: tools are called by number, and those would be counted anew.
            $held = $this->held;
            $held[$task->tool] = $settings;
            ksort($held);

            return $held;
        }, $kept);
    }
}
