<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use SplPriorityQueue;

/** Best first: whichever state could still become the cheapest whole order is looked at next. */
final readonly class SequenceSearch
{
    /** States looked at before a rule goes on; a job of ten batches looks at a few hundred. */
    public const MOST = 20_000;

    public function __construct(private SequenceProblem $problem)
    {
    }

    public function found(): Sequence
    {
        $start = new SequenceState(0, 0, '', []);
        /** @var SplPriorityQueue<array{int, int, int}, SequenceState> $open */
        $open = new SplPriorityQueue();
        $best = [];
        $looked = $number = 0;
        $open->insert($start, [-$this->least($start), 0, 0]);
        while (! $open->isEmpty()) {
            /** @var SequenceState $state */
            $state = $open->extract();
            $key = $state->key();
            if (($best[$key] ?? PHP_INT_MAX) < $state->cost) {
                continue;
            }
            if ($this->isWhole($state)) {
                return self::told($state, $state->cost);
            }
            if (++$looked > self::MOST) {
                return self::told($this->byRule($state), $this->least($state));
            }
            foreach ($this->problem->open($state->done) as $task) {
                foreach ($state->after($task, $this->problem) as $after) {
                    $key = $after->key();
                    if (($best[$key] ?? PHP_INT_MAX) > $after->cost) {
                        $best[$key] = $after->cost;
                        $open->insert($after, [-$this->least($after), $after->depth, --$number]);
                    }
                }
            }
        }

        return self::told($start, 0);
    }

    private function isWhole(SequenceState $state): bool
    {
        return $state->done === $this->problem->all && $state->batch === $this->problem->batches - 1;
    }

    /** What a whole order through this state costs at least. */
    private function least(SequenceState $state): int
    {
        return $state->cost + $this->problem->least($state->batch, $state->done, $state->hand, $state->held);
    }

    /** On from here by what costs least at once, in the order practised. */
    private function byRule(SequenceState $state): SequenceState
    {
        while (! $this->isWhole($state)) {
            $next = null;
            foreach ($this->problem->open($state->done) as $task) {
                foreach ($state->after($task, $this->problem) as $after) {
                    $next = $next === null || $after->cost < $next->cost ? $after : $next;
                }
            }
            if ($next === null) {
                break;
            }
            $state = $next;
        }

        return $state;
    }

    /** @param  int  $least  what no order undercuts */
    private static function told(SequenceState $end, int $least): Sequence
    {
        $steps = [];
        for ($state = $end; $state->step !== null; $state = $state->from ?? $end) {
            $steps[] = $state->step;
        }

        return new Sequence(
            array_reverse($steps),
            intdiv($end->cost, SequenceProblem::SETTING),
            $end->cost % SequenceProblem::SETTING,
            intdiv($least, SequenceProblem::SETTING),
            $least % SequenceProblem::SETTING,
        );
    }
}
