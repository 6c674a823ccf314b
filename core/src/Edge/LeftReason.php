<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** Why a stone stays in the rack. */
enum LeftReason
{
    /** No sequence through it ends fine enough. */
    case NoSequence;
    /** Too little is to come off. */
    case TooCoarse;
    /** Finer than this edge needs. */
    case TooFine;
    /** The next stone takes the scratches out sooner. */
    case Slower;
}
