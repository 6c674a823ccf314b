<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Calculation\InvalidInput;

/**
 * A job as lines in the order they are done: pieces that are alike go through each setting together, batch by batch,
 * in the order of {@see Sequence}; where an edge will be as likely blunt as not it is honed first.
 */
final readonly class JobPlan
{
    private const MOST_PIECES = 100;

    /** @param  list<JobRow>  $rows */
    private function __construct(public array $rows, public Sequence $sequence)
    {
    }

    /**
     * @param  list<JobTask>  $tasks  of one piece
     * @param  int  $batch  pieces that go through together
     * @param  array<array-key, int>  $copies  of a tool, such as gauges of one kind
     * @param  array<array-key, EdgeWear>  $wear  by tool; empty: no honing is planned in
     *
     * @throws InvalidInput
     */
    public static function of(array $tasks, int $pieces, int $batch, array $copies = [], array $wear = []): self
    {
        if ($pieces < 1 || $pieces > self::MOST_PIECES) {
            throw InvalidInput::because('pieces', 'must be from 1 to '.self::MOST_PIECES);
        }
        if ($batch < 1 || $batch > $pieces) {
            throw InvalidInput::because('batch', 'must be from 1 to the number of pieces');
        }
        if (count($tasks) > Sequence::MOST) {
            throw InvalidInput::because('pieces', 'cannot be planned: more than '.Sequence::MOST.' kinds of step');
        }
        $sequence = Sequence::of(self::sequenced($tasks), (int) ceil($pieces / $batch), $copies);
        $byId = [];
        foreach ($tasks as $task) {
            $byId[$task->route->id] = $task;
        }
        $rows = [];
        foreach ($sequence->steps as $step) {
            $task = $byId[$step->task];
            $units = $task->route->times * min($batch, $pieces - $step->batch * $batch);
            $rows[] = new JobRow($step->batch, $task, $units, $units * $task->minutesEach()
                + ($step->isSet ? $task->setUpMinutes() : 0.0), $step->isFetched, $step->isSet);
        }

        return new self($wear === [] ? $rows : self::honed($rows, $wear), $sequence);
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (JobRow $row): float => $row->minutes, $this->rows));
    }

    /** How often something is done: every part of every step. */
    public function units(): int
    {
        return array_sum(array_map(static fn (JobRow $row): int => $row->units, $this->rows));
    }

    /**
     * @param  list<JobTask>  $tasks
     * @return list<SequenceTask>
     */
    private static function sequenced(array $tasks): array
    {
        return array_map(static fn (JobTask $task): SequenceTask => new SequenceTask(
            $task->route->id,
            $task->route->after,
            $task->tool(),
            $task->setting(),
        ), $tasks);
    }

    /**
     * @param  list<JobRow>  $rows
     * @param  array<array-key, EdgeWear>  $wear
     * @return list<JobRow>
     */
    private static function honed(array $rows, array $wear): array
    {
        $left = array_map(static fn (EdgeWear $edge): float => $edge->leftMinutes, $wear);
        $planned = [];
        foreach ($rows as $row) {
            while ($row !== null) {
                [$before, $tool] = self::firstBlunt($row, $left);
                if ($tool === null) {
                    $planned[] = $row;
                    self::use($row, $left);

                    break;
                }
                if ($before > 0) {
                    $planned[] = $row->first($before);
                    self::use($row->first($before), $left);
                }
                $planned[] = new JobRow($row->batch, null, 0, $wear[$tool]->honeMinutes, false, false, $tool);
                // An edge that does not last for one part is honed before each: no plan helps it further.
                $left[$tool] = max($wear[$tool]->freshMinutes, ($row->task?->share() ?? 1.0) * $row->each());
                $row = $before < $row->units ? ($before > 0 ? $row->rest($before) : $row) : null;
            }
        }

        return $planned;
    }

    /**
     * @param  array<array-key, float>  $left  minutes by tool
     * @return array{int, string|null} parts of the row before an edge gives out, and whose; null: none does
     */
    private static function firstBlunt(JobRow $row, array $left): array
    {
        $each = ($row->task?->share() ?? 0.0) * $row->each();
        $found = [$row->units, null];
        foreach ($row->task?->edgeTools() ?? [] as $tool) {
            $isKnown = isset($left[$tool]) && $each > 0;
            $lasts = $isKnown ? (int) floor(max(0.0, $left[$tool]) / $each + 1e-9) : $row->units;
            if ($lasts < $found[0]) {
                $found = [$lasts, (string) $tool];
            }
        }

        return $found;
    }

    /** @param  array<array-key, float>  $left */
    private static function use(JobRow $row, array &$left): void
    {
        foreach ($row->task?->edgeTools() ?? [] as $tool) {
            if (isset($left[$tool])) {
                $left[$tool] -= ($row->task?->share() ?? 0.0) * $row->each() * $row->units;
            }
        }
    }
}
