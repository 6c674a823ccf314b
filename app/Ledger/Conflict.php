<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

/** The record was changed elsewhere since the user last saw it. */
final class Conflict extends RuntimeException
{
    public function __construct(public readonly Record $record)
    {
        parent::__construct(
            'This was changed in another window meanwhile. Your figures are still here: look at the new state, then '
                .'record again.',
        );
    }
}
