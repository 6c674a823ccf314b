<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\DiaryResource;
use App\Http\Resources\ToolPageResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\Tool;
use App\Models\ToolStatus;
use App\Reference\Reference;
use Illuminate\Http\JsonResponse;

/** Takes a tool off the board with its edges and tests, and says what can no longer be done. */
final class RemoveTool
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $loses = $tool->status === ToolStatus::Owned ? ToolPageResource::lost(new KitOfBench($ledger->bench), $tool) : [];
        $entry = $ledger->record('tool-removed', $tool->name, self::sentence($tool, $loses), static function (Changes $changes) use ($tool, $request): void {
            $changes->delete($tool, $request->version());
            $tool->edges()->get()->each(static fn (Edge $edge) => $changes->delete($edge));
            $references = $changes->bench->references()->where('tool_id', $tool->id);
            $references->get()->each(static fn (Reference $reference) => $changes->delete($reference));
        });

        return new JsonResponse(['entry' => DiaryResource::entry($entry->load('undoneBy')), 'loses' => $loses]);
    }

    /** @param  list<string>  $loses */
    private static function sentence(Tool $tool, array $loses): string
    {
        $lost = $loses === [] ? '' : ' Without it – '.implode('; ', $loses).'.';

        return "Took the {$tool->name} off the board.$lost";
    }
}
