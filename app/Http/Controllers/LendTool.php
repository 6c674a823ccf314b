<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LendRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

/** A tool goes out: it is not at hand until it is back. */
final class LendTool
{
    public function __invoke(LendRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $values = $request->values();
        $ledger->record('lent', $tool->name, "Lent the {$tool->name} to {$values['lent_to']}.", static fn (Changes $changes) => $changes->update($tool, $values, $request->version()));

        return (new ShowIdle)($ledger->bench);
    }
}
