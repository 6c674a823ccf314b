<?php

declare(strict_types=1);

namespace App\Reference;

use App\Ledger\Changes;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Support\Carbon;
use JackRest\Core\Truing\ReferencesOfKind;
use JackRest\Desk\Reference\ReferenceKind;

/** The reference that comes with a tool: a square or a straightedge, to be tested before it is trusted. */
final class ReferencesOfTool
{
    public static function bring(Changes $changes, Tool $tool): void
    {
        $new = $tool->status === ToolStatus::Owned ? ReferencesOfKind::of($tool->toCore()) : null;
        $references = Reference::of($changes->bench);
        if ($new === null || $references->where('tool_id', $tool->id)->exists()) {
            return;
        }
        $changes->create(Reference::of($changes->bench), [
            'tool_id' => $tool->id,
            'kind' => ReferenceKind::from($new->kind),
            'name' => $new->name,
            'sizes' => $new->sizesMm,
        ]);
    }

    /** A reference that is a tool hangs on the board, too; null: it is none. */
    public static function hungUp(Changes $changes, ReferenceKind $kind, string $name): ?Reference
    {
        $tool = ReferencesOfKind::toolOf($kind->value);
        if ($tool === null) {
            return null;
        }
        $hung = $changes->create(Tool::of($changes->bench), [
            'kind' => $tool,
            'name' => $name,
            'status' => ToolStatus::Owned,
            'size' => [],
            'hung_on' => Carbon::now()->toDateString(),
        ]);
        self::bring($changes, $hung);

        return self::broughtBy($hung);
    }

    /** The reference a tool has brought; null: it is none. */
    public static function broughtBy(Tool $tool): ?Reference
    {
        return Reference::query()->where(['bench_id' => $tool->bench_id, 'tool_id' => $tool->id])->first();
    }
}
