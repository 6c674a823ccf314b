<?php

declare(strict_types=1);

namespace App\Session;

use App\Ledger\Changes;

/** What a session that ends leaves on record. */
interface SessionEnd
{
    /** The kind of its diary entry. */
    public function entryKind(): string;

    /** Its diary entry. */
    public function sentence(): string;

    /** @param  string  $now  ISO 8601 */
    public function write(Changes $changes, string $now): void;
}
