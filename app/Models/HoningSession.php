<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One honing, of one edge or of a whole day's, walked stone by stone. Progress is saved at every tap.
 *
 * @property int|null $edge_id null: a sharpening day over several edges
 * @property string $title what it is called where it is not one edge's
 * @property array<int, array<string, mixed>> $becomes what each edge becomes when its last stone is done, by edge id
 * @property string $condition
 * @property list<array{stone: string, particleUm: float, strokes: int, seconds: float, see: string, stoneId?: string, kind?: string, modelStrokes?: float, edgeId?: int, edge?: string}> $steps
 * @property list<int> $counted strokes counted so far, by step
 * @property int $at_step
 * @property string $phase fetch, stroke or check
 * @property string $state running, finished or stopped
 * @property string $started_at
 * @property string|null $ended_at
 * @property Edge|null $edge
 */
final class HoningSession extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['steps' => 'array', 'counted' => 'array', 'becomes' => 'array', 'at_step' => 'integer'];
    }

    /** @return BelongsTo<Edge, $this> */
    public function edge(): BelongsTo
    {
        return $this->belongsTo(Edge::class);
    }

    public function name(): string
    {
        return $this->edge === null ? $this->title : $this->edge->name;
    }
}
