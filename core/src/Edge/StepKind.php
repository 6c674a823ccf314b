<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

enum StepKind: string
{
    case Grind = 'grind';
    case Hone = 'hone';
    case Strop = 'strop';
}
