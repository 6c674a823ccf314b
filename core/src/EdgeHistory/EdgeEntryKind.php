<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Labelled;

/** What happens to an edge in its life. */
enum EdgeEntryKind: string implements Labelled
{
    case Used = 'used';
    case Tested = 'tested';
    case Stropped = 'stropped';
    case TouchedUp = 'touched-up';
    case Honed = 'honed';
    case Ground = 'ground';
    case Measured = 'measured';

    public function label(): string
    {
        return match ($this) {
            self::Used => 'used',
            self::Tested => 'tested',
            self::Stropped => 'stropped',
            self::TouchedUp => 'touched up',
            self::Honed => 'honed',
            self::Ground => 'ground',
            self::Measured => 'measured',
        };
    }

    /** Whether the edge begins anew with it: its next time to bluntness counts from here. */
    public function renews(): bool
    {
        return in_array($this, [self::TouchedUp, self::Honed, self::Ground], true);
    }
}
