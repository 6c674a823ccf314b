<?php

declare(strict_types=1);

namespace App\Diary;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Http\Answer\AboutAnswer;
use App\Ledger\Correctable;
use App\Ledger\DiaryEntry;
use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\Relation;

/** Lines of the diary, each with the place it belongs to. */
final class DiaryResource
{
    /** Tests have no page of their own. */
    private const NO_PAGE = ['reference-test'];

    /** Where entries belong that are about no record, by their kind. */
    private const PLACES = [
        'air-read' => 'season',
        'air-removed' => 'season',
        'cared' => 'care',
        'consumable-bought' => 'care',
        'consumable-removed' => 'care',
        'damp' => 'care',
        'file-taken-in' => 'files',
        'put-away' => 'idle',
        'school' => 'school',
    ];

    public static function entry(DiaryEntry $entry): DiaryEntryAnswer
    {
        return self::entries([$entry->loadMissing(DiaryEntry::STANDING)])[0];
    }

    /**
     * @param  list<DiaryEntry>  $entries  with what tells whether they stand
     * @return list<DiaryEntryAnswer>
     */
    public static function entries(array $entries): array
    {
        $here = self::stillHere($entries);

        return array_map(
            static fn (DiaryEntry $entry): DiaryEntryAnswer => new DiaryEntryAnswer(
                id: $entry->id,
                writtenAt: $entry->written_at,
                happenedOn: $entry->day(),
                kind: $entry->kind,
                subject: $entry->subject,
                sentence: $entry->sentence,
                about: self::about($entry, isset($here[$entry->subject_type][$entry->subject_id])),
                undone: $entry->isUndone(),
                undoable: self::isUndoable($entry),
                correctable: self::isUndoable($entry) && Correctable::is($entry->kind, $entry->typed !== null),
                by: $entry->written_by ?? '',
            ),
            $entries,
        );
    }

    private static function isUndoable(DiaryEntry $entry): bool
    {
        return ! $entry->isUndone() && ($entry->changes !== [] || $entry->undoes_id !== null);
    }

    private static function about(DiaryEntry $entry, bool $isHere): ?AboutAnswer
    {
        $place = $entry->subject_type === null ? self::PLACES[$entry->kind] ?? null : null;

        return match (true) {
            $isHere => new AboutAnswer(kind: (string) $entry->subject_type, id: $entry->subject_id),
            $place !== null => new AboutAnswer(kind: $place, id: null),
            default => null,
        };
    }

    /**
     * @param  list<DiaryEntry>  $entries
     * @return array<string, array<int, true>> ids of the records that were not removed, by their kind
     */
    private static function stillHere(array $entries): array
    {
        $ids = [];
        foreach ($entries as $entry) {
            if ($entry->subject_type !== null && ! in_array($entry->subject_type, self::NO_PAGE, true)) {
                $ids[$entry->subject_type][] = (int) $entry->subject_id;
            }
        }
        $here = [];
        foreach ($ids as $type => $of) {
            /** @var class-string<Record> $record */
            $record = Relation::getMorphedModel($type);
            $found = $record::query()->whereKey(array_values(array_unique($of)))->pluck('id');
            foreach ($found->all() as $id) {
                $here[$type][is_numeric($id) ? (int) $id : 0] = true;
            }
        }

        return $here;
    }
}
