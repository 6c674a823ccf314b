<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

/** The same request came before, and was written then. */
final class AlreadyRecorded extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('This had been recorded already when the connection broke. Nothing was written twice.');
    }
}
