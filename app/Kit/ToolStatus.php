<?php

declare(strict_types=1);

namespace App\Kit;

enum ToolStatus: string
{
    case Owned = 'owned';
    case Wanted = 'wanted';
}
