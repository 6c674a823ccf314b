<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\ConsumableStock;
use Illuminate\Http\JsonResponse;

final class RemoveConsumable
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, ConsumableStock $consumable): JsonResponse
    {
        $ledger->record('consumable-removed', $consumable->kind->label(), "No longer counts the {$consumable->kind->label()}.", static fn (Changes $changes) => $changes->delete($consumable, $request->version()));

        return (new ShowCare)($ledger->bench);
    }
}
