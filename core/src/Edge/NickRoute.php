<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** How a nick is taken out. */
enum NickRoute: string
{
    case Hone = 'hone';
    case Grind = 'grind';
}
