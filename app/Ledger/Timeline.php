<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Support\Facades\DB;

/**
 * What the diary of a bench did to the rows of some tables, and which of its entries stand.
 *
 * @phpstan-type Row array<string, mixed>
 * @phpstan-type RowChange array{
 *     table: string, id: int, before: Row|null, after: Row|null, added?: list<string>,
 * }
 */
final readonly class Timeline
{
    /**
     * @param  array<string, array<int, list<Write>>>  $writes  by table and row, oldest first
     * @param  array<int, int>  $undoneBy  the entry that undid it, by entry
     */
    private function __construct(private array $writes, private array $undoneBy)
    {
    }

    /**
     * @param  list<string>  $tables
     * @param  int|null  $undone  an entry that is being undone, by one not written yet
     */
    public static function of(Bench $bench, array $tables, ?int $undone = null): self
    {
        $undoneBy = [];
        foreach (DiaryEntry::of($bench)->whereNotNull('undoes_id')->toBase()->get(['id', 'undoes_id']) as $row) {
            $undoneBy[self::whole($row->undoes_id)] = self::whole($row->id);
        }

        return new self(
            self::writes($bench, $tables),
            $undone === null ? $undoneBy : [$undone => PHP_INT_MAX] + $undoneBy,
        );
    }

    public function stands(int $entry): bool
    {
        return ! isset($this->undoneBy[$entry]) || ! $this->stands($this->undoneBy[$entry]);
    }

    public function row(string $table, int $id): RowStory
    {
        return new RowStory($this->writes[$table][$id] ?? [], $this->stands(...));
    }

    /** @return array<string, list<int>> every row that the diary tells of, by table */
    public function rows(): array
    {
        return array_map(array_keys(...), $this->writes);
    }

    /**
     * Undoings are left out: they say which entries do not stand, not what a row is.
     *
     * @param  list<string>  $tables
     * @return array<string, array<int, list<Write>>>
     */
    private static function writes(Bench $bench, array $tables): array
    {
        $rows = DB::table('diary_entries')
            ->crossJoin(DB::raw('json_each(diary_entries.changes) as one'))
            ->where('bench_id', $bench->id)
            ->whereNull('undoes_id')
            ->whereIn(DB::raw("json_extract(one.value, '$.table')"), $tables)
            ->orderBy('diary_entries.id')
            ->get(['diary_entries.id', 'one.value']);
        $writes = [];
        foreach ($rows as $row) {
            /** @var \stdClass&object{id: int, value: string} $row */
            /** @var RowChange $change */
            $change = json_decode($row->value, true, flags: JSON_THROW_ON_ERROR);
            $writes[$change['table']][$change['id']][] = new Write(
                $row->id,
                $change['before'],
                $change['after'],
                $change['added'] ?? [],
            );
        }

        return $writes;
    }

    private static function whole(mixed $kept): int
    {
        return is_numeric($kept) ? (int) $kept : 0;
    }
}
