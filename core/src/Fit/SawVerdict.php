<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** Whether a saw suits a cut. */
enum SawVerdict: string
{
    case Good = 'good';
    case Catches = 'catches';
    case Clogs = 'clogs';
    case TooShallow = 'too-shallow';
}
