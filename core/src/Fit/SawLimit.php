<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** What keeps a tooth from biting deeper. */
enum SawLimit: string
{
    case Force = 'force';
    case Gullet = 'gullet';
    /** What a hand can drive through in one stroke. */
    case Hand = 'hand';
}
