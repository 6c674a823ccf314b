<?php

declare(strict_types=1);

namespace App\Models;

enum ToolStatus: string
{
    case Owned = 'owned';
    case Wanted = 'wanted';
}
