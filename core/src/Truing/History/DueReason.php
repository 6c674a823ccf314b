<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\History;

/** Why a reference wants testing. */
enum DueReason
{
    case NeverTested;
    /** It fell after its last test. */
    case Fell;
    /** Something was taken off after its last test. */
    case Corrected;
    case Outside;
    case CannotTell;
    /** Its drift may have carried it out of its tolerance. */
    case Drift;
    case LongAgo;
}
