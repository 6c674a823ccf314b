<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Support\Facades\DB;

/** The entry of the diary by which a row was made, and what can be done about it there. */
final readonly class Written
{
    /** @param  int  $rows  how many rows of the table it made in all */
    private function __construct(
        public int $entry,
        public string $kind,
        public bool $isTyped,
        public int $rows,
    ) {
    }

    /**
     * @param  list<int>  $rows  of the table
     * @param  string  $type  of the records that entries about these rows are about
     * @param  list<int>  $about  the records themselves
     * @param  list<string>  $kinds  of entries that are about several of them
     * @return array<int, self> by row; those whose entry was undone, or is that of a whole file, are left out
     */
    public static function by(
        Bench $bench,
        string $table,
        array $rows,
        string $type,
        array $about,
        array $kinds = [],
    ): array {
        $made = DiaryEntry::of($bench)
            ->where(static function ($query) use ($type, $about, $kinds): void {
                $query->where(
                    static fn ($record) => $record->where('subject_type', $type)->whereIn('subject_id', $about),
                )->orWhereIn('kind', $kinds);
            })
            ->whereDoesntHave('undoneBy')
            ->whereDoesntHave('partOf.undoneBy')
            ->crossJoin(DB::raw('json_each(diary_entries.changes) as one'))
            ->whereRaw("json_extract(one.value, '$.table') = ?", [$table])
            ->whereRaw("json_type(one.value, '$.before') = 'null'")
            ->whereIn(DB::raw("json_extract(one.value, '$.id')"), $rows)
            ->toBase()
            ->selectRaw(
                "diary_entries.id, diary_entries.kind, typed is not null as is_typed,
                json_extract(one.value, '$.id') as row_id, (SELECT count(*) FROM json_each(diary_entries.changes) each
                    WHERE json_extract(each.value, '$.table') = ?) as in_all",
                [$table],
            )
            ->get();
        $by = [];
        foreach ($made as $row) {
            /** @var \stdClass&object{id: int, kind: string, is_typed: int, row_id: int, in_all: int} $row */
            $by[$row->row_id] = new self($row->id, $row->kind, $row->is_typed === 1, $row->in_all);
        }

        return $by;
    }
}
