<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Stone;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

/** A worn piece is replaced by one like it: its edges are counted anew. */
final class RenewStone
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Stone $stone): JsonResponse
    {
        $ledger->record('stone-renewed', $stone->name, "Began a new {$stone->name}; the old one is worn out.", static function (Changes $changes) use ($stone, $request): void {
            $changes->update($stone, ['begun_at' => Carbon::now()->toIso8601ZuluString()], $request->version());
        });

        return (new ShowRack)($ledger->bench);
    }
}
