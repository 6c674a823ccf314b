<?php

declare(strict_types=1);

namespace App\Ledger;

/** Who writes, and whether they may. */
final readonly class WrittenBy
{
    /** @param  string|null  $name  null: the one user of this machine */
    public function __construct(public ?string $name = null, public bool $mayWrite = true)
    {
    }
}
