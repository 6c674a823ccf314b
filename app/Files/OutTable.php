<?php

declare(strict_types=1);

namespace App\Files;

use App\Bench\Bench;

/** A table that goes out as CSV. */
interface OutTable
{
    /** @return list<string> */
    public function columns(): array;

    /** @return list<array<string, string|int|float|null>> */
    public function rows(Bench $bench): array;
}
