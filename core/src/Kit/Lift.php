<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;

/** An operation that can be done from a rung on, or better than before. */
final readonly class Lift
{
    /**
     * @param  Way|null  $before  null: it could not be done at all
     * @param  list<string>  $tools  ids of the tools it takes, with everything they need
     */
    public function __construct(public Task $task, public ?Way $before, public Way $after, public array $tools)
    {
    }

    /**
     * @param  list<Lift>  $lifts
     * @return list<Lift> those that a tool takes part in
     */
    public static function of(string $tool, array $lifts): array
    {
        return array_values(
            array_filter($lifts, static fn (self $lift): bool => in_array($tool, $lift->tools, true)),
        );
    }
}
