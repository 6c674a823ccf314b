<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use InvalidArgumentException;

/**
 * In which order the tasks of a job are done to its batches, one batch after the other: with the fewest settings of
 * tools, and then the fewest changes of tool. Fewer settings are fewer errors (common practice), so they come first.
 *
 * A tool keeps its setting until it is set to another; of several alike each keeps one. Exact, by a best-first search
 * (Hart, Nilsson, Raphael, 1968) over what is done of the batch, what is in the hand and what is set; stopped at
 * {@see SequenceSearch::MOST} states it gives the best order by a rule and a bound that is honest.
 */
final readonly class Sequence
{
    /** Tasks that one number's bits can keep. */
    public const MOST = 60;

    /**
     * @param  list<SequenceStep>  $steps
     * @param  int  $settings  how often a tool is set
     * @param  int  $changes  how often another tool is taken in the hand
     * @param  int  $leastSettings  no order sets less often
     * @param  int  $leastChanges  no order with as few settings changes tools less often
     */
    public function __construct(
        public array $steps,
        public int $settings,
        public int $changes,
        public int $leastSettings,
        public int $leastChanges,
    ) {
    }

    public function isProven(): bool
    {
        return $this->settings === $this->leastSettings && $this->changes === $this->leastChanges;
    }

    /**
     * @param  list<SequenceTask>  $tasks  none twice; up to {@see MOST}
     * @param  int  $batches  1 or more
     * @param  array<array-key, int>  $copies  how many there are of a tool; one where nothing is said
     *
     * @throws InvalidArgumentException for what goes round in a circle, follows nothing known, or is too much
     */
    public static function of(array $tasks, int $batches = 1, array $copies = []): self
    {
        if ($batches < 1 || count($tasks) > self::MOST) {
            throw new InvalidArgumentException('one batch at least, and '.self::MOST.' tasks at most');
        }

        return (new SequenceSearch(new SequenceProblem($tasks, $batches, $copies)))->found();
    }
}
