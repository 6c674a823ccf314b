<?php

declare(strict_types=1);

namespace JackRest\Desk\ToDo;

/** What a line is about: a record by kind and number, or a whole list. Which page that is, its reader knows. */
final readonly class Topic
{
    /**
     * @param  string  $kind  edge, reference, tool; or a list: works, ladder, idle, care
     * @param  int|null  $id  null: the list of them
     */
    public function __construct(public string $kind, public ?int $id = null)
    {
    }
}
