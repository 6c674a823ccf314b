<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use InvalidArgumentException;

/** The tasks by number, what must be done before each as bits, and what no order can do without. */
final readonly class SequenceProblem
{
    /** A setting weighs more than all changes of tool together. */
    public const SETTING = 1_000_000;

    /** @var array<int, int> what must be done before, as bits, by task */
    public array $before;

    /** All tasks done. */
    public int $all;

    /** What a batch costs at least, whatever is in the hand and however the tools are set when it begins. */
    private int $leastOfBatch;

    /**
     * @param  list<SequenceTask>  $tasks
     * @param  array<array-key, int>  $copies
     */
    public function __construct(public array $tasks, public int $batches, private array $copies)
    {
        $place = array_flip(array_map(static fn (SequenceTask $task): string => $task->id, $tasks));
        if (count($place) < count($tasks)) {
            throw new InvalidArgumentException('no task twice');
        }
        $before = [];
        foreach ($tasks as $index => $task) {
            $before[$index] = 0;
            foreach ($task->after as $id) {
                $before[$index] |= 1 << ($place[$id] ?? throw new InvalidArgumentException("no task is called $id"));
            }
        }
        $this->before = $before;
        $this->all = (1 << count($tasks)) - 1;
        $this->leastOfBatch = self::SETTING * $this->settingsLacking(0, null)
            + max(0, count($this->toolsOf(0)) - 1);
        $this->refuseCircles();
    }

    public function copies(string $tool): int
    {
        return max(1, $this->copies[$tool] ?? 1);
    }

    /** @return list<int> tasks that can be done when these are, in the order practised */
    public function open(int $done): array
    {
        $open = [];
        foreach ($this->before as $task => $before) {
            if (($done >> $task & 1) === 0 && ($before & ~$done) === 0) {
                $open[] = $task;
            }
        }

        return $open;
    }

    /**
     * What is still to come costs at least this: each setting that no tool keeps, each tool that is not in the hand,
     * and of every batch to come what it costs at least.
     *
     * @param  array<array-key, list<string>>  $held  settings by tool
     */
    public function least(int $batch, int $done, string $hand, array $held): int
    {
        $tools = $this->toolsOf($done);
        unset($tools[$hand]);

        return self::SETTING * $this->settingsLacking($done, $held) + count($tools)
            + ($this->batches - 1 - $batch) * $this->leastOfBatch;
    }

    /** @return array<array-key, true> that what is not done takes in the hand */
    private function toolsOf(int $done): array
    {
        $tools = [];
        foreach ($this->tasks as $index => $task) {
            if ($task->tool !== '' && ($done >> $index & 1) === 0) {
                $tools[$task->tool] = true;
            }
        }

        return $tools;
    }

    /** @param  array<array-key, list<string>>|null  $held  null: as well as could be, each tool keeps one wanted */
    private function settingsLacking(int $done, ?array $held): int
    {
        $wanted = [];
        foreach ($this->tasks as $index => $task) {
            if ($task->setting !== '' && ($done >> $index & 1) === 0) {
                $wanted[$task->tool][$task->setting] = true;
            }
        }
        $lacking = 0;
        foreach ($wanted as $tool => $settings) {
            $lacking += $held === null
                ? max(0, count($settings) - $this->copies((string) $tool))
                : count(array_diff_key($settings, array_flip($held[$tool] ?? [])));
        }

        return $lacking;
    }

    private function refuseCircles(): void
    {
        $done = 0;
        while ($done !== $this->all) {
            $open = $this->open($done);
            if ($open === []) {
                throw new InvalidArgumentException('the tasks follow each other in a circle');
            }
            foreach ($open as $task) {
                $done |= 1 << $task;
            }
        }
    }
}
