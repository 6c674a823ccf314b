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

    public static function builtUpon(): self
    {
        return new self('Something recorded later builds on this. Undo that first.');
    }
}
