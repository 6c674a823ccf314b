<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

/** An entry whose changes have been built upon, or undone already. */
final class CannotUndo extends RuntimeException
{
    public static function already(): self
    {
        return new self('This has been undone already.');
    }

    /** Written by an earlier version, whose tables were others. */
    public static function laidAnew(): self
    {
        return new self(
            'This was recorded by an earlier version that kept it in another way: it can no longer be undone.',
        );
    }

    public static function builtUpon(): self
    {
        return new self('Something recorded later builds on this. Undo that first.');
    }

    public static function elsewhere(): self
    {
        return new self('That entry is of something else: it cannot be corrected here.');
    }
}
