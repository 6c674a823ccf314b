<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KeepToolRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

/** Kept for its own sake, or no longer. */
final class KeepTool
{
    public function __invoke(KeepToolRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $kept = $request->boolean('kept');
        $ledger->record('kept', $tool->name, $kept ? "The {$tool->name} is kept for its own sake." : "The {$tool->name} has to earn its place.", static fn (Changes $changes) => $changes->update($tool, ['kept' => $kept], $request->version()));

        return (new ShowIdle)($ledger->bench);
    }
}
