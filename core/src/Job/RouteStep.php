<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Work\Task;

/** One step of making a piece, before it is said with which tool. */
final readonly class RouteStep
{
    /**
     * @param  string  $id  of its own: the operation, and what of a joint it is done to
     * @param  string  $of  tails, pins, mortises or tenons; empty: its part says it
     * @param  int  $times  in one piece
     * @param  list<string>  $after  steps that are done before it
     */
    public function __construct(
        public string $id,
        public Task $task,
        public Craft $craft,
        public string $of,
        public int $times,
        public array $after,
    ) {
    }
}
