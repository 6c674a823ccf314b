<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

/** One task done to one batch. */
final readonly class SequenceStep
{
    /**
     * @param  int  $batch  from 0
     * @param  bool  $isFetched  another tool is taken in the hand for it
     * @param  bool  $isSet  the tool has to be set for it
     */
    public function __construct(public int $batch, public string $task, public bool $isFetched, public bool $isSet)
    {
    }
}
