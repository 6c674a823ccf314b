<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Stone;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

/** It is flat again: edges are counted anew. */
final class FlattenStone
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Stone $stone): JsonResponse
    {
        $ledger->record('stone-flattened', $stone->name, "Flattened the {$stone->name}.", static function (Changes $changes) use ($stone, $request): void {
            $changes->update($stone, ['flattened_at' => Carbon::now()->toIso8601ZuluString()], $request->version());
        });

        return (new ShowRack)($ledger->bench);
    }
}
