<?php

declare(strict_types=1);

namespace App\Diary;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Ledger\DiaryEntry;

final class DiaryResource
{
    public static function entry(DiaryEntry $entry): DiaryEntryAnswer
    {
        return new DiaryEntryAnswer(
            id: $entry->id,
            writtenAt: $entry->written_at,
            kind: $entry->kind,
            subject: $entry->subject,
            sentence: $entry->sentence,
            undone: $entry->undoneBy !== null,
            undoable: $entry->undoneBy === null && $entry->changes !== [],
        );
    }
}
