<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

/** What a layout of dovetails is told of, in the order in which it is told. */
enum DovetailWarning: string
{
    case PinNarrowerThanKerf = 'pin-narrower-than-kerf';
    case NoChiselBetweenTails = 'no-chisel-between-tails';
    case TailsNarrowerThanPins = 'tails-narrower-than-pins';
}
