<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

/** How a fence stands to the skate. */
enum FenceVerdict: string
{
    case Parallel = 'parallel';
    case WideInFront = 'wide-in-front';
    case WideBehind = 'wide-behind';
    case Binds = 'binds';
}
