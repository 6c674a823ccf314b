<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditStoneRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Stone;
use Illuminate\Http\JsonResponse;

final class EditStone
{
    public function __invoke(EditStoneRequest $request, Ledger $ledger, Stone $stone): JsonResponse
    {
        $now = $request->stone();
        $ledger->record('stone-changed', $now->name, "Changed the {$now->name}.", static function (Changes $changes) use ($stone, $now, $request): void {
            $changes->update($stone, array_diff_key(Stone::columns($now), ['change_seconds' => true]), $request->version());
        });

        return (new ShowRack)($ledger->bench);
    }
}
