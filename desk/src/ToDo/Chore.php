<?php

declare(strict_types=1);

namespace JackRest\Desk\ToDo;

/** One thing that wants doing before work: what, why, about how long. */
final readonly class Chore
{
    /**
     * @param  int|null  $minutes  null: not known yet, or no work at the bench, such as buying a tool
     * @param  int  $count  how many things it stands for
     */
    public function __construct(
        public ChoreKind $kind,
        public string $id,
        public string $says,
        public string $why,
        public ?int $minutes,
        public int $count = 1,
    ) {
    }
}
