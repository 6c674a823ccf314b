<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

/** Readings of one sort, several in a row: repeats of one gap, or columns read side by side at places along an edge. */
final readonly class ReadingList
{
    /**
     * @param  string  $label  of one of them, with # for its number: Gap at place #
     * @param  string  $heading  over them all
     * @param  list<string>  $begins  what stands there before anything is typed
     * @param  float|null  $step  of an arrow key; null: what the instrument can tell apart
     * @param  int  $most  how many there can be
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $heading,
        public array $begins,
        public ?float $step,
        public int $most,
    ) {
    }
}
