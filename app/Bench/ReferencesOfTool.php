<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Changes;
use App\Models\Reference;
use App\Models\Square;
use App\Models\Straight;
use App\Models\Tool;
use App\Models\ToolStatus;
use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\NewReference;
use JackRest\Core\Truing\ReferencesOfKind;
use JackRest\Desk\Truing\Reference\ReferenceKind;

/** The reference that comes with a tool: a square or a straightedge, to be tested before it is trusted. */
final class ReferencesOfTool
{
    /** What a test asks before anybody said: a knifed line, a thin shaving, a tolerance for joinery; common practice. */
    private const USUAL = ['line_width_mm' => 0.05, 'shaving_mm' => 0.05, 'tolerance_mm' => 0.1, 'instrument' => Instrument::Loupe];

    public static function bring(Changes $changes, Tool $tool): void
    {
        $new = $tool->status === ToolStatus::Owned ? ReferencesOfKind::of($tool->toCore()) : null;
        $bench = $changes->bench;
        $there = array_filter([$bench->squares(), $bench->straights(), $bench->references()], static fn (HasMany $references): bool => $references->where('tool_id', $tool->id)->exists());
        if ($new === null || $there !== []) {
            return;
        }
        match ($new->kind) {
            'square' => $changes->create($bench->squares(), self::square($new, $tool)),
            'straight' => $changes->create($bench->straights(), self::straight($new, $tool)),
            default => $changes->create($bench->references(), self::reference($new, $tool)),
        };
    }

    /** The reference a tool has brought; null: it is none. */
    public static function broughtBy(Tool $tool): Square|Straight|Reference|null
    {
        $of = ['bench_id' => $tool->bench_id, 'tool_id' => $tool->id];

        return Square::query()->where($of)->first() ?? Straight::query()->where($of)->first() ?? Reference::query()->where($of)->first();
    }

    /** @return array<string, mixed> */
    private static function square(NewReference $new, Tool $tool): array
    {
        $sizes = $new->sizesMm;

        return [...self::USUAL, 'tool_id' => $tool->id, 'name' => $new->name, 'says' => 'not tested yet', 'blade_mm' => $sizes['blade'], 'blade_width_mm' => $sizes['bladeWidth'], 'stock_mm' => $sizes['stock'], 'stock_width_mm' => $sizes['stockWidth'], 'tested_length_mm' => $sizes['blade']];
    }

    /** @return array<string, mixed> */
    private static function reference(NewReference $new, Tool $tool): array
    {
        $kind = ReferenceKind::from($new->kind);

        return ['tool_id' => $tool->id, 'kind' => $kind, 'name' => $new->name, 'fields' => $new->sizesMm, 'tolerance_mm' => $kind->usualToleranceMm()];
    }

    /** @return array<string, mixed> */
    private static function straight(NewReference $new, Tool $tool): array
    {
        return [...self::USUAL, 'tool_id' => $tool->id, 'name' => $new->name, 'length_mm' => $new->sizesMm['length'], 'height_mm' => $new->sizesMm['height']];
    }
}
