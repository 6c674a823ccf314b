<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** Whether a chain of marks holds a fit. */
enum MarkingVerdict: string
{
    /** Even if every error falls the same way. */
    case Always = 'always';
    case Mostly = 'mostly';
    case No = 'no';
}
