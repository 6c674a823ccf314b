<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** How an iron covers a shoulder. */
enum ShoulderVerdict: string
{
    case Good = 'good';
    case TwoPasses = 'two-passes';
    case Narrow = 'narrow';
}
