<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

/** Which way a recess runs. */
enum RecessGrain: string
{
    case Along = 'along';
    case Across = 'across';
}
