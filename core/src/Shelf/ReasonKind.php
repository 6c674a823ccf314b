<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** What can speak for a blank, or against it. */
enum ReasonKind
{
    case TooShort;
    case TooNarrow;
    case TooThin;
    case KnotsInTheWay;
    case KnotsClear;
    case WildFigure;
    case SlightFigure;
    case FlatRings;
    case Rings;
    case UnknownRunout;
    case SteepRunout;
    case Runout;
    /** What its rest test says. */
    case Rest;
}
