<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Takes an entry back, or an undoing of it, whatever was recorded since: its rows become what the other entries make
 * of them, and parts go and come with their wholes.
 *
 * @phpstan-import-type Row from Timeline
 * @phpstan-import-type RowChange from Timeline
 */
final class Undoing
{
    /** How much of a number survives being kept. */
    private const KEPT = 1e-12;

    /** @var list<RowChange> */
    private array $changes = [];

    /** Whether something that was recorded later stands in place of what was taken back. */
    private bool $isWrittenOver = false;

    /** Whether something would be back, but what it is a part of is gone. */
    private bool $waits = false;

    private function __construct(private readonly Bench $bench, private readonly Timeline $timeline)
    {
    }

    /** @throws CannotUndo */
    public static function of(DiaryEntry $entry, Bench $bench): self
    {
        $first = self::first($entry);
        $tables = array_values(array_unique(array_column($first->changes, 'table')));
        self::refuseLaidAnew($first);
        $undoing = new self($bench, Timeline::of($bench, self::withParts($tables), $entry->id));
        foreach (self::rows($first) as [$table, $id]) {
            $undoing->settle($table, $id, $first->id);
        }
        $undoing->waits = $undoing->waits && $undoing->changes === [];

        return $undoing;
    }

    /** @return list<RowChange> */
    public function changes(): array
    {
        return $this->changes;
    }

    /** What is to be said of it beside what was undone; empty: nothing. */
    public function remark(): string
    {
        return match (true) {
            $this->waits => ' It comes back with the tool it belongs to.',
            $this->isWrittenOver => ' What was recorded later stands.',
            default => '',
        };
    }

    /** What an undoing, or an undoing of an undoing, is about in the end. */
    private static function first(DiaryEntry $entry): DiaryEntry
    {
        while ($entry->undoes_id !== null) {
            $entry = DiaryEntry::query()->findOrFail($entry->undoes_id);
        }

        return $entry;
    }

    /** @return list<array{string, int}> each row once */
    private static function rows(DiaryEntry $entry): array
    {
        $rows = [];
        foreach ($entry->changes as $change) {
            $rows["{$change['table']} {$change['id']}"] = [$change['table'], $change['id']];
        }

        return array_values($rows);
    }

    /**
     * @param  list<string>  $tables
     * @return list<string> and those of parts
     */
    private static function withParts(array $tables): array
    {
        $parts = array_map(static fn (string $table): array => array_keys(Kinship::partsOf($table)), $tables);

        return array_values(array_unique(array_merge($tables, ...$parts)));
    }

    private function settle(string $table, int $id, int $first): void
    {
        /** @var Row $now */
        $now = (array) $this->row($table, $id)->first();
        if ($now === []) {
            throw CannotUndo::laidAnew();
        }
        $story = $this->timeline->row($table, $id);
        $values = [];
        foreach ($story->columnsOf($first) as $column) {
            $value = $story->value($column);
            if (! self::same($now[$column] ?? null, $value)) {
                $values[$column] = is_bool($value) ? (int) $value : $value;
            }
        }
        $this->isWrittenOver = $this->isWrittenOver || $story->wasWrittenOver($first);
        if ($values !== []) {
            $this->write($table, $id, $values);
            $this->changes[] = [
                'table' => $table,
                'id' => $id,
                'before' => array_intersect_key($now, $values),
                'after' => $values,
            ];
        }
        $this->settleLife($table, $id, $now);
    }

    /** @param  Row  $now  the row as it is */
    private function settleLife(string $table, int $id, array $now): void
    {
        $lives = $this->timeline->row($table, $id)->lives();
        if ($lives && ! $this->hasItsWhole($table, $now)) {
            $this->waits = true;
            $lives = false;
        }
        if ($lives === (($now['deleted_at'] ?? null) === null)) {
            return;
        }
        $this->write($table, $id, ['deleted_at' => $lives ? null : Carbon::now()->toDateTimeString()]);
        $this->changes[] = [
            'table' => $table,
            'id' => $id,
            'before' => $lives ? null : [],
            'after' => $lives ? [] : null,
        ];
        foreach (Kinship::partsOf($table) as $part => $column) {
            foreach (DB::table($part)->where('bench_id', $this->bench->id)->where($column, $id)->get() as $row) {
                /** @var Row&array{id: int} $row */
                $row = (array) $row;
                $this->settleLife($part, $row['id'], $row);
            }
        }
    }

    /** @param  Row  $now */
    private function hasItsWhole(string $table, array $now): bool
    {
        [$whole, $column] = Kinship::wholeOf($table) ?? [null, ''];
        $id = $now[$column] ?? null;

        return $whole === null ||
            $id === null ||
            DB::table($whole)->where('id', $id)->whereNull('deleted_at')->exists();
    }

    /**
     * Says in our own words where the database would not have it so: two of what there can be one of.
     *
     * @param  Row  $values
     *
     * @throws CannotUndo
     */
    private function write(string $table, int $id, array $values): void
    {
        try {
            $this->row($table, $id)->update([...$values, 'version' => DB::raw('version + 1')]);
        } catch (QueryException $refused) {
            throw str_starts_with((string) $refused->getCode(), '23') ? CannotUndo::builtUpon() : $refused;
        }
    }

    private function row(string $table, int $id): Builder
    {
        return DB::table($table)->where('bench_id', $this->bench->id)->where('id', $id);
    }

    private static function refuseLaidAnew(DiaryEntry $entry): void
    {
        $columns = [];
        foreach ($entry->changes as $change) {
            $columns[$change['table']] ??= ['id'];
            if ($change['before'] !== null) {
                array_push($columns[$change['table']], ...array_keys($change['after'] ?? []));
            }
        }
        foreach ($columns as $table => $ofTable) {
            if (! Schema::hasTable($table) || ! Schema::hasColumns($table, array_unique($ofTable))) {
                throw CannotUndo::laidAnew();
            }
        }
    }

    /**
     * SQLite hands numbers back as it keeps them: 1 and "1" and 1.0 and true are the same value, and of a fraction it
     * is given 14 figures.
     */
    private static function same(mixed $kept, mixed $written): bool
    {
        $written = is_bool($written) ? (int) $written : $written;

        return is_numeric($kept) && is_numeric($written)
            ? abs((float) $kept - (float) $written) <= self::KEPT * max(1.0, abs((float) $written))
            : $kept === $written;
    }
}
