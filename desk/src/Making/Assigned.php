<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Shelf\Judged;

/** A part of the cutting list and the blank it is cut from; null: the shelf has none for it. */
final readonly class Assigned
{
    /** @param  string|null  $wrong  why the blank that the user chose will not do */
    public function __construct(
        public Part $part,
        public ?Judged $from,
        public ?string $wrong = null,
        public bool $isChosen = false,
    ) {
    }
}
