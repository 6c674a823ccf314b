<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** Whether a sole is long enough for a board. */
enum SoleVerdict: string
{
    case Good = 'good';
    case Short = 'short';
}
