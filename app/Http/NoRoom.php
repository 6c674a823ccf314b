<?php

declare(strict_types=1);

namespace App\Http;

use RuntimeException;

/** A file that the disk did not take; what was to be written beside it is not written either. */
final class NoRoom extends RuntimeException
{
    public static function for(string $path): self
    {
        return new self("$path could not be written whole.");
    }
}
