<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Ledger\DiaryEntry;

/** The entries of the bench's diary that an edge's own diary was written by. */
final class EdgeEntries
{
    public const KIND = 'edge-';

    private const LATEST = 400;

    public static function isOf(DiaryEntry $entry, Edge $edge): bool
    {
        return $entry->subject_type === $edge->getMorphClass() &&
            $entry->subject_id === $edge->id &&
            self::event($entry) !== null;
    }

    /** @return array<int, int> the entry by the id of the event that it wrote; those that were undone are left out */
    public static function of(Edge $edge, Bench $bench): array
    {
        $query = DiaryEntry::of($bench)
            ->where('subject_type', $edge->getMorphClass())
            ->where('subject_id', $edge->id)
            ->where('kind', 'like', self::KIND.'%')
            ->whereDoesntHave('undoneBy')
            ->latest('id');
        $query->limit(self::LATEST);
        $entries = [];
        foreach ($query->get() as $entry) {
            $event = self::event($entry);
            if ($event !== null) {
                $entries[$event] = $entry->id;
            }
        }

        return $entries;
    }

    /** The event that an entry wrote; null: none. */
    private static function event(DiaryEntry $entry): ?int
    {
        foreach ($entry->changes as $change) {
            if ($change['table'] === 'edge_events' && $change['before'] === null) {
                return $change['id'];
            }
        }

        return null;
    }
}
