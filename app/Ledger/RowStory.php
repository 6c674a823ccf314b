<?php

declare(strict_types=1);

namespace App\Ledger;

use Closure;

/**
 * All that the diary did to one row, oldest first, and what the row is by those entries that stand.
 *
 * The last entry that stands has the word, column by column; so it does not matter in which order others are undone.
 */
final readonly class RowStory
{
    /**
     * @param  list<Write>  $writes
     * @param  Closure(int): bool  $stands  whether an entry was not undone
     */
    public function __construct(private array $writes, private Closure $stands)
    {
    }

    /** Whether the row is on the bench, as far as its own story goes. */
    public function lives(): bool
    {
        $lives = true;
        foreach ($this->writes as $write) {
            $stands = ($this->stands)($write->entry);
            if ($write->before === null && ! $stands) {
                return false;
            }
            $lives = match (true) {
                $write->before === null => true,
                $write->after === null && $stands => false,
                default => $lives,
            };
        }

        return $lives;
    }

    /** What a column holds; what it held before the first entry that was undone is taken for true. */
    public function value(string $column): mixed
    {
        $value = null;
        $allStood = true;
        foreach ($this->writes as $write) {
            if (! $write->touches($column)) {
                continue;
            }
            if ($allStood && array_key_exists($column, $write->before ?? [])) {
                $value = $write->before[$column];
            }
            // A row that was never made has no values, and is gone: it keeps those it was made with.
            if ($write->before === null || ($this->stands)($write->entry)) {
                $value = $write->on($column, $value);
            } else {
                $allStood = false;
            }
        }

        return $value;
    }

    /** @return list<string> the columns that any entry told of */
    public function columns(): array
    {
        $written = array_map(static fn (Write $write): array => $write->after ?? [], $this->writes);

        return array_keys(array_merge(...$written));
    }

    /** @return list<string> the columns that an entry changed */
    public function columnsOf(int $entry): array
    {
        $columns = [];
        foreach ($this->writes as $write) {
            if ($write->entry === $entry && $write->before !== null) {
                $columns = [...$columns, ...array_keys($write->after ?? [])];
            }
        }

        return array_values(array_unique($columns));
    }

    /** Whether something that stands was written by a later entry over what an entry wrote. */
    public function wasWrittenOver(int $entry): bool
    {
        $columns = $this->columnsOf($entry);
        foreach ($this->writes as $write) {
            $again = array_intersect($columns, array_keys($write->after ?? []));
            if ($write->entry > $entry && array_diff($again, $write->added) !== [] && ($this->stands)($write->entry)) {
                return true;
            }
        }

        return false;
    }
}
