<?php

declare(strict_types=1);

namespace App\Files;

use App\Bench\Bench;
use App\Ledger\Changes;

/** A table that goes out as CSV and comes in again. */
interface Table extends OutTable
{
    public function name(): string;

    /** The column without which it is no such table. */
    public function needed(): string;

    /**
     * What one line would become; null: it is here already.
     *
     * @param  array<string, string>  $cells
     * @return array<string, mixed>|null
     *
     * @throws \JackRest\Core\Calculation\InvalidInput when it cannot be read
     */
    public function line(Bench $bench, array $cells): ?array;

    /** @param  array<string, mixed>  $line */
    public function says(array $line): string;

    /** @param  list<array<string, mixed>>  $lines */
    public function write(Changes $changes, array $lines): void;
}
