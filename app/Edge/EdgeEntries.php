<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Ledger\DiaryEntry;
use App\Ledger\Written;

/** The entries of the bench's diary that an edge's own diary was written by. */
final class EdgeEntries
{
    public const KIND = 'edge-';

    /**
     * @param  list<int>  $events  of the edge
     * @return array<int, Written> by event
     */
    public static function of(Edge $edge, Bench $bench, array $events): array
    {
        return Written::by($bench, 'edge_events', $events, $edge->getMorphClass(), [$edge->id]);
    }

    /** The event that an entry of this edge wrote; null: none. */
    public static function event(?int $entry, Edge $edge, Bench $bench): ?int
    {
        $found = $entry === null ? null : DiaryEntry::of($bench)->find($entry);
        $isOf = $found?->subject_type === $edge->getMorphClass() && $found->subject_id === $edge->id;
        foreach ($isOf ? $found->changes : [] as $change) {
            if ($change['table'] === 'edge_events' && $change['before'] === null) {
                return $change['id'];
            }
        }

        return null;
    }
}
