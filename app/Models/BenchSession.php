<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What is walked in bench mode: one honing, of one edge or of a whole day's, stone by stone; or the strokes that correct
 * a reference. Progress is saved at every tap.
 *
 * @property int|null $edge_id null: a sharpening day over several edges
 * @property string $title what it is called where it is not one edge's
 * @property array<int, array<string, mixed>> $becomes what each edge becomes when its last stone is done, by edge id
 * @property string $condition
 * @property list<array{stone: string, particleUm: float, strokes: int, seconds: float, see: string, stoneId?: string, kind?: string, modelStrokes?: float, edgeId?: int, edge?: string, says?: string, of?: string}> $steps
 * @property list<int> $counted strokes counted so far, by step
 * @property int $at_step
 * @property string $phase fetch, stroke or check
 * @property string $state running, finished or stopped
 * @property string $started_at
 * @property string|null $ended_at
 * @property int|null $square_test_id the test whose strokes are planed
 * @property int|null $straight_test_id the same of a straightedge
 * @property int|null $tool_id the saw that is filed
 * @property int|null $making_id what is being made
 * @property Edge|null $edge
 * @property Making|null $making
 * @property Tool|null $tool
 * @property SquareTest|null $squareTest
 * @property StraightTest|null $straightTest
 */
final class BenchSession extends Record
{
    protected $table = 'honing_sessions';

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

    /** @return BelongsTo<SquareTest, $this> */
    public function squareTest(): BelongsTo
    {
        return $this->belongsTo(SquareTest::class);
    }

    /** @return BelongsTo<StraightTest, $this> */
    public function straightTest(): BelongsTo
    {
        return $this->belongsTo(StraightTest::class);
    }

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }

    /** @return BelongsTo<Making, $this> */
    public function making(): BelongsTo
    {
        return $this->belongsTo(Making::class);
    }

    public function isFiling(): bool
    {
        return $this->tool_id !== null;
    }

    /** What is walked: honing, planing, filing or making. */
    public function purpose(): string
    {
        return match (true) {
            $this->making_id !== null => 'making',
            $this->isPlaning() => 'planing',
            $this->isFiling() => 'filing',
            default => 'honing',
        };
    }

    public function isPlaning(): bool
    {
        return $this->square_test_id !== null || $this->straight_test_id !== null;
    }

    /** The reference whose strokes are planed; null: it is a honing. */
    public function reference(): Square|Straight|null
    {
        return $this->squareTest->square ?? $this->straightTest->straight ?? null;
    }

    public function name(): string
    {
        return $this->edge === null ? $this->title : $this->edge->name;
    }
}
