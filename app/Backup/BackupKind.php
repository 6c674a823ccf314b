<?php

declare(strict_types=1);

namespace App\Backup;

/** What a backup was made for: how many of a kind are kept, and what it is called. */
enum BackupKind: string
{
    case Daily = 'daily';
    case Weekly = 'weekly';
    /** Asked for: kept until somebody removes it. */
    case Asked = 'asked';
    /** Before going back to another: the way forward again. */
    case Before = 'before';

    public function says(): string
    {
        return match ($this) {
            self::Daily => 'made by itself, daily',
            self::Weekly => 'made by itself, weekly',
            self::Asked => 'made when you asked',
            self::Before => 'as it was before going back',
        };
    }
}
