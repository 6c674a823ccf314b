<?php

declare(strict_types=1);

namespace App\Edge;

use App\Ledger\Record;

/**
 * The same board planed off two stops, and what was found.
 *
 * @property int $edge_id
 * @property string $tried_at
 * @property list<array{um: float, stone: string, surface: int, tearOut: int, effort: int}> $sides the coarser first
 * @property string $wood
 * @property float|null $kept_um the stop the tool got from it
 * @property string $note
 */
final class StopTrial extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sides' => 'array', 'kept_um' => 'float'];
    }
}
