<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

/** What a part of a tool is made of. */
enum Material: string
{
    case Wood = 'wood';
    case Steel = 'steel';
    case Brass = 'brass';
    /** Abrasive stone, leather, rubber: what none of the three is. */
    case Stone = 'stone';
}
