<?php

declare(strict_types=1);

namespace App\Files;

use App\Ledger\Record;

/**
 * A file that was taken in, so that it is known when it comes again.
 *
 * @property string $what diary or rack
 * @property string $name
 * @property string $fingerprint
 * @property int $lines
 */
final class ImportedFile extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lines' => 'integer'];
    }
}
