<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** Why nothing is said of what the season did to a reference. */
enum Silence: string
{
    /** Of metal: damp does not move it. */
    case Metal = 'metal';
    /** Nobody knows how to compute what damp does to it. */
    case NoModel = 'no-model';
    case WoodUnknown = 'wood-unknown';
    case NoLog = 'no-log';
    case NeverTested = 'never-tested';
    case Corrected = 'corrected';
    case Fell = 'fell';
    /** The log of the air ends before today. */
    case LogEnded = 'log-ended';
    /** The log has nothing of the days before its last test. */
    case LogMissing = 'log-missing';
}
