<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StoneSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Stone;
use Illuminate\Http\JsonResponse;

final class AddStone
{
    public function __invoke(StoneSheetRequest $request, Ledger $ledger): JsonResponse
    {
        $stone = $request->stone();
        $ledger->record('stone-added', $stone->name, "Put the {$stone->name} into the rack.", static function (Changes $changes) use ($stone): void {
            $changes->create($changes->bench->stones(), Stone::columns($stone));
        });

        return (new ShowRack)($ledger->bench)->setStatusCode(201);
    }
}
