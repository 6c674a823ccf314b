<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Answer\HitAnswer;
use App\Bench\Answer\SearchAnswer;
use App\Blank\Blank;
use App\Diary\DiaryEntry;
use App\Diary\DiaryRequest;
use App\Edge\Edge;
use App\Guide\Guide;
use App\Kit\Tool;
use App\Making\Making;
use App\Rack\Stone;
use App\Reference\Reference;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
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
            ...$bench
                ->edges()
                ->get()
                ->map(
                    static fn (Edge $edge): HitAnswer => new HitAnswer(says: $edge->name, kind: 'edge', id: $edge->id),
                ),
            ...$bench
                ->stones()
                ->get()
                ->map(
                    static fn (Stone $stone): HitAnswer => new HitAnswer(
                        says: $stone->name,
                        kind: 'stone',
                        id: $stone->id,
                    ),
                ),
            ...$bench
                ->guides()
                ->get()
                ->map(
                    static fn (Guide $guide): HitAnswer => new HitAnswer(
                        says: "{$guide->name} for {$guide->seat->label()}",
                        kind: 'guide',
                        id: $guide->id,
                    ),
                ),
            ...$bench
                ->shadowBoards()
                ->get()
                ->map(
                    static fn (ShadowBoard $board): HitAnswer => new HitAnswer(
                        says: $board->name,
                        kind: 'shadow-board',
                        id: $board->id,
                    ),
                ),
            ...$bench
                ->testedReferences()
                ->map(
                    static fn (Reference $reference): HitAnswer => new HitAnswer(
                        says: $reference->name,
                        kind: 'reference',
                        id: $reference->id,
                    ),
                ),
            ...$bench
                ->blanks()
                ->get()
                ->map(
                    static fn (Blank $blank): HitAnswer => new HitAnswer(
                        says: $blank->name,
                        kind: 'blank',
                        id: $blank->id,
                    ),
                ),
            ...$bench
                ->makings()
                ->get()
                ->map(
                    static fn (Making $making): HitAnswer => new HitAnswer(
                        says: $making->name,
                        kind: 'making',
                        id: $making->id,
                    ),
                ),
            ...$bench
                ->tools()
                ->get()
                ->map(
                    static fn (Tool $tool): HitAnswer => new HitAnswer(says: $tool->name, kind: 'tool', id: $tool->id),
                ),
            ...$bench
                ->lookOvers()
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
            ...$bench
                ->works()
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
        $diary = $bench->diary()->latest('id');
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
