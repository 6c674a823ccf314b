<?php

declare(strict_types=1);

namespace App\Ledger;

/** What one entry of the diary did to one row. */
final readonly class Write
{
    /**
     * @param  array<string, mixed>|null  $before  null: it made the row
     * @param  array<string, mixed>|null  $after  null: it laid the row aside
     * @param  list<string>  $added  columns that it added to, so that only the difference is its own
     */
    public function __construct(
        public int $entry,
        public ?array $before,
        public ?array $after,
        public array $added = [],
    ) {
    }

    /**
     * What a column is after this, when it was something before.
     */
    public function on(string $column, mixed $value): mixed
    {
        $after = $this->after[$column] ?? null;
        if (! in_array($column, $this->added, true)) {
            return $after;
        }
        $before = $this->before[$column] ?? null;

        return is_numeric($value) && is_numeric($before) && is_numeric($after) ? $value + $after - $before : $after;
    }

    public function touches(string $column): bool
    {
        return array_key_exists($column, $this->after ?? []);
    }
}
