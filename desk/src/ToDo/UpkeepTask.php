<?php

declare(strict_types=1);

namespace JackRest\Desk\ToDo;

/** A small thing that keeps the kit well and holds up no work: a mend, a care, a tool to ask back for. */
final readonly class UpkeepTask
{
    /**
     * @param  string  $key  what is done with one tap: mend-5
     * @param  string|null  $does  what the tap says: Done; null: there is nothing to tap, its page has it
     */
    public function __construct(
        public string $key,
        public string $says,
        public string $why,
        public ?int $minutes,
        public Topic $about,
        public ?string $does = 'Done',
    ) {
    }
}
