<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Diary\DiaryRequest;
use App\Edge\Edge;
use App\Guide\Guide;
use App\Home\Answer\HitAnswer;
use App\Home\Answer\SearchAnswer;
use App\Ledger\DiaryEntry;
use App\Making\Making;
use App\Reference\Reference;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stone\Stone;
use App\Tool\Tool;
use App\Work\Work;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;

/** One search over everything on the bench. */
final class SearchController
{
    private const MOST = 12;

    private const ENTRIES = 200;

    /**
     * Finds what the bench keeps, and diary entries, by words in their names; a tool once bought is found as the tool.
     */
    public function index(DiaryRequest $request, Bench $bench): SearchAnswer
    {
        $words = $request->words();
        if ($words === []) {
            return new SearchAnswer(hits: []);
        }
        $found = array_filter(
            $this->everything($bench),
            static fn (HitAnswer $hit): bool => self::holds($hit->says, $words),
        );

        return new SearchAnswer(hits: array_slice(array_values($found), 0, self::MOST));
    }

    /** @return list<HitAnswer> */
    private function everything(Bench $bench): array
    {
        return [
            ...Edge::of($bench)
                ->get()
                ->map(
                    static fn (Edge $edge): HitAnswer => new HitAnswer(says: $edge->name, kind: 'edge', id: $edge->id),
                ),
            ...Stone::of($bench)
                ->get()
                ->map(
                    static fn (Stone $stone): HitAnswer => new HitAnswer(
                        says: $stone->name,
                        kind: 'stone',
                        id: $stone->id,
                    ),
                ),
            ...Guide::of($bench)
                ->get()
                ->map(
                    static fn (Guide $guide): HitAnswer => new HitAnswer(
                        says: "{$guide->name} for {$guide->seat->label()}",
                        kind: 'guide',
                        id: $guide->id,
                    ),
                ),
            ...ShadowBoard::of($bench)
                ->get()
                ->map(
                    static fn (ShadowBoard $board): HitAnswer => new HitAnswer(
                        says: $board->name,
                        kind: 'shadow-board',
                        id: $board->id,
                    ),
                ),
            ...Reference::testedOf($bench)
                ->map(
                    static fn (Reference $reference): HitAnswer => new HitAnswer(
                        says: $reference->name,
                        kind: 'reference',
                        id: $reference->id,
                    ),
                ),
            ...Blank::of($bench)
                ->get()
                ->map(
                    static fn (Blank $blank): HitAnswer => new HitAnswer(
                        says: $blank->name,
                        kind: 'blank',
                        id: $blank->id,
                    ),
                ),
            ...Making::of($bench)
                ->get()
                ->map(
                    static fn (Making $making): HitAnswer => new HitAnswer(
                        says: $making->name,
                        kind: 'making',
                        id: $making->id,
                    ),
                ),
            ...Tool::of($bench)
                ->get()
                ->map(
                    static fn (Tool $tool): HitAnswer => new HitAnswer(says: $tool->name, kind: 'tool', id: $tool->id),
                ),
            ...LookOver::of($bench)
                ->get()
                ->whereNull('tool_id')
                ->values()
                ->map(
                    static fn (LookOver $look): HitAnswer => new HitAnswer(
                        says: $look->name,
                        kind: 'look-over',
                        id: $look->id,
                    ),
                ),
            ...Work::of($bench)
                ->get()
                ->map(
                    static fn (Work $work): HitAnswer => new HitAnswer(says: $work->name, kind: 'work', id: $work->id),
                ),
            ...$this->latest($bench)->map(
                static fn (DiaryEntry $entry): HitAnswer => new HitAnswer(
                    says: $entry->sentence,
                    kind: 'diary',
                    id: null,
                ),
            ),
        ];
    }

    /** @return Collection<int, DiaryEntry> */
    private function latest(Bench $bench): Collection
    {
        $diary = DiaryEntry::of($bench)->latest('id');
        $diary->limit(self::ENTRIES);

        return $diary->get();
    }

    /** @param  list<string>  $words */
    private static function holds(string $text, array $words): bool
    {
        foreach ($words as $word) {
            if (! Str::contains($text, $word, ignoreCase: true)) {
                return false;
            }
        }

        return true;
    }
}
