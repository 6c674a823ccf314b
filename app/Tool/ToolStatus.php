<?php

declare(strict_types=1);

namespace App\Tool;

enum ToolStatus: string
{
    case Owned = 'owned';
    case Wanted = 'wanted';
}
