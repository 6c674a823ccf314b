<?php

declare(strict_types=1);

namespace App\Diary;

final class DiaryResource
{
    /** @return array<string, mixed> */
    public static function entry(DiaryEntry $entry): array
    {
        return [
            'id' => $entry->id,
            'writtenAt' => $entry->written_at,
            'kind' => $entry->kind,
            'subject' => $entry->subject,
            'sentence' => $entry->sentence,
            'undone' => $entry->undoneBy !== null,
            'undoable' => $entry->undoneBy === null && $entry->changes !== [],
        ];
    }
}
