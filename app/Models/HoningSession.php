<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One honing of one edge, walked stone by stone. Progress is saved at every tap.
 *
 * @property int $edge_id
 * @property string $condition
 * @property list<array{stone: string, particleUm: float, strokes: int, seconds: float, see: string}> $steps
 * @property list<int> $counted strokes counted so far, by step
 * @property int $at_step
 * @property string $phase fetch, stroke or check
 * @property string $state running, finished or stopped
 * @property float $micro_width_after_mm
 * @property string $started_at
 * @property string|null $ended_at
 * @property Edge $edge
 */
final class HoningSession extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['steps' => 'array', 'counted' => 'array', 'at_step' => 'integer', 'micro_width_after_mm' => 'float'];
    }

    /** @return BelongsTo<Edge, $this> */
    public function edge(): BelongsTo
    {
        return $this->belongsTo(Edge::class);
    }
}
