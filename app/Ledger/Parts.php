<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** Entries for each line of a file, beside the one for all of it. */
final class Parts
{
    /** A file brings thousands of lines: they are written so many at once. */
    private const CHUNK = 100;

    /** @param  list<array{Record, Record, string, string, string}>  $parts  what, about what, kind, sentence, day */
    public static function write(DiaryEntry $whole, array $parts): void
    {
        foreach (array_chunk($parts, self::CHUNK) as $chunk) {
            DB::table('diary_entries')->insert(
                array_map(static fn (array $part): array => self::row($whole, ...$part), $chunk),
            );
        }
    }

    /** @return array<string, int|string|null> */
    private static function row(
        DiaryEntry $whole,
        Record $made,
        Record $subject,
        string $kind,
        string $sentence,
        string $happenedOn,
    ): array {
        $day = substr($happenedOn, 0, 10);
        $change = ['table' => $made->getTable(), 'id' => $made->id, 'before' => null, 'after' => []];

        return [
            'bench_id' => $made->bench_id,
            'written_at' => $whole->written_at,
            'happened_on' => str_starts_with($whole->written_at, $day) ? null : $day,
            'kind' => $kind,
            ...Subject::record($subject)->columns(),
            'sentence' => $sentence,
            'changes' => json_encode([$change], JSON_THROW_ON_ERROR),
            'part_of_id' => $whole->id,
        ];
    }
}
