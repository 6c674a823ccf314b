<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UseToolRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

/** A tool was used: one tap, so that the wall knows what earns its place. */
final class UseTool
{
    public function __invoke(UseToolRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $values = $request->values($ledger->bench);
        $work = $values['work_id'] === null ? null : $ledger->bench->works()->find($values['work_id']);
        $entry = $ledger->record('tool-used', $tool->name, "Used the {$tool->name}".($work === null ? '' : " for the {$work->name}").'.', static function (Changes $changes) use ($tool, $values): void {
            $changes->create($changes->bench->toolUses(), ['tool_id' => $tool->id, ...$values]);
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
