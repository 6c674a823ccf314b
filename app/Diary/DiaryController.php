<?php

declare(strict_types=1);

namespace App\Diary;

use App\Bench\Bench;
use App\Diary\Answer\DiaryAnswer;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\Answer\TypedAnswer;
use App\Http\Created;
use App\Ledger\DiaryEntry;
use App\Ledger\Ledger;

/** What was recorded, and taking it back. */
final class DiaryController
{
    private const PAGE = 50;

    public function index(DiaryRequest $request, Bench $bench): DiaryAnswer
    {
        $query = DiaryEntry::of($bench)->with(DiaryEntry::STANDING)->orderByRaw(DiaryEntry::DAY.' desc')->latest('id');
        $query->limit(self::PAGE + 1);
        foreach ($request->words() as $word) {
            $query->whereRaw("sentence like ? escape '!'", [
                '%'.str_replace(['!', '%', '_'], ['!!', '!%', '!_'], $word).'%',
            ]);
        }
        $last = $request->before() === null ? null : DiaryEntry::of($bench)->find($request->before());
        if ($last instanceof DiaryEntry) {
            $query->whereRaw('('.DiaryEntry::DAY.', id) < (?, ?)', [$last->day(), $last->id]);
        }
        $entries = array_values($query->get()->all());

        return new DiaryAnswer(
            entries: DiaryResource::entries(array_slice($entries, 0, self::PAGE)),
            more: count($entries) > self::PAGE,
        );
    }

    public function show(DiaryEntry $entry): DiaryEntryAnswer
    {
        return DiaryResource::entry($entry);
    }

    /** An entry as it was typed, for the form it was typed into. */
    public function typed(DiaryEntry $entry): TypedAnswer
    {
        return new TypedAnswer(
            id: $entry->id,
            kind: $entry->kind,
            sentence: $entry->sentence,
            happenedOn: $entry->day(),
            unit: $entry->typed['unit'] ?? null,
            body: $entry->typed === null ? null : json_encode($entry->typed['body'], JSON_THROW_ON_ERROR),
        );
    }

    /** @return Created<DiaryEntryAnswer> */
    public function undo(Ledger $ledger, DiaryEntry $entry): Created
    {
        return new Created(DiaryResource::entry($ledger->undo($entry)));
    }
}
