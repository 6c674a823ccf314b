<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** Which way up a plane's iron lies on its bed. */
enum Orientation: string
{
    case BevelDown = 'bevel-down';
    case BevelUp = 'bevel-up';
}
