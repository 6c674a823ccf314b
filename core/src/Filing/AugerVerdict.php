<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

/** What becomes of an auger bit. */
enum AugerVerdict: string
{
    case Keep = 'keep';
    case File = 'file';
    case SetAside = 'set-aside';
}
