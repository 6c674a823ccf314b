<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** What a week's rest showed of a blank. */
enum RestVerdict: string
{
    case NotBegun = 'not-begun';
    case Resting = 'resting';
    case Due = 'due';
    case Still = 'still';
    case Moved = 'moved';
}
