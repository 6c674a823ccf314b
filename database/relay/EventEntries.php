<?php

declare(strict_types=1);

namespace Database\Relay;

use Illuminate\Support\Facades\DB;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\TestFound;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\EdgeHistory\EdgeEntryWords;

/**
 * What stands in an edge's own diary and was written by no entry of the bench's, or with a whole file by one, gets an
 * entry of its own there: it is found under its day, and can be corrected and undone alone.
 *
 * @phpstan-type Event \stdClass&object{
 *     id: int, bench_id: int, edge_id: int, name: string, kind: string, happened_at: string, wood: string|null,
 *     minutes: float|null, strokes: int|null, found: string|null, deg: float|null, stone: string|null,
 *     note: string, created_at: string|null, file: int|null, written_at: string|null,
 * }
 */
final class EventEntries
{
    /** How many are written at once. */
    private const CHUNK = 100;

    public static function write(): void
    {
        $entries = [];
        foreach (DB::select(self::WITHOUT) as $event) {
            /** @var Event $event */
            $entries[] = self::entry($event);
        }
        foreach (array_chunk($entries, self::CHUNK) as $chunk) {
            DB::table('diary_entries')->insert($chunk);
        }
    }

    private const WITHOUT = "
        WITH made AS (
            SELECT json_extract(one.value, '$.id') AS event, d.id AS entry, d.kind, d.written_at
            FROM diary_entries d JOIN json_each(d.changes) one
            WHERE json_extract(one.value, '$.table') = 'edge_events'
                AND json_type(one.value, '$.before') = 'null'
        )
        SELECT e.id, e.bench_id, e.edge_id, edges.name, e.kind, e.happened_at, e.wood, e.minutes, e.strokes, e.found,
            e.deg, e.stone, e.note, e.created_at, file.entry AS file, file.written_at
        FROM edge_events e JOIN edges ON edges.id = e.edge_id
            LEFT JOIN made file ON file.event = e.id AND file.kind = 'file-taken-in'
        WHERE e.deleted_at IS NULL
            AND NOT EXISTS (SELECT 1 FROM made WHERE made.event = e.id AND made.kind <> 'file-taken-in')
            AND NOT EXISTS (SELECT 1 FROM diary_entries d WHERE d.subject_type = 'edge' AND d.subject_id = e.edge_id
                AND d.kind = e.kind AND d.changes = '[]'
                AND coalesce(d.happened_on, substr(d.written_at, 1, 10)) = substr(e.happened_at, 1, 10))
        ORDER BY e.happened_at, e.id";

    /**
     * @param  Event  $event
     * @return array<string, int|string|null>
     */
    private static function entry(\stdClass $event): array
    {
        $written = $event->written_at ?? $event->happened_at;
        $day = substr($event->happened_at, 0, 10);

        return [
            'bench_id' => $event->bench_id,
            'written_at' => $written,
            'happened_on' => str_starts_with($written, $day) ? null : $day,
            'kind' => "edge-$event->kind",
            'subject' => $event->name,
            'subject_type' => 'edge',
            'subject_id' => $event->edge_id,
            'sentence' => EdgeEntryWords::sentence(self::core($event), "the $event->name"),
            'changes' => (string) json_encode([
                ['table' => 'edge_events', 'id' => $event->id, 'before' => null, 'after' => []],
            ]),
            'part_of_id' => $event->file,
        ];
    }

    /** @param  Event  $event */
    private static function core(\stdClass $event): EdgeEntry
    {
        return new EdgeEntry(
            EdgeEntryKind::from($event->kind),
            $event->happened_at,
            $event->minutes,
            $event->wood === null ? null : Hardness::from($event->wood),
            $event->strokes,
            $event->found === null ? null : TestFound::from($event->found),
            $event->deg,
            stone: $event->stone,
            note: $event->note,
        );
    }
}
