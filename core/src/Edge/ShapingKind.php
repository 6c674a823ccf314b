<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What a whole bevel is ground for. */
enum ShapingKind
{
    case Nick;
    case Flatter;
    case Steeper;
    case Curve;
}
