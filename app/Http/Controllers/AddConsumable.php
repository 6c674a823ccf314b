<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddConsumableRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** Something that is used up was bought: from now on it is counted down. */
final class AddConsumable
{
    public function __invoke(AddConsumableRequest $request, Ledger $ledger): JsonResponse
    {
        $kind = $request->kind();
        $amount = $request->amount();
        $ledger->record('consumable-bought', $kind->label(), "Bought {$kind->label()}: ".LengthFormatter::decimal($amount, 1).'.', static function (Changes $changes) use ($kind, $amount): void {
            $before = $changes->bench->consumables()->where('kind', $kind)->first();
            $columns = ['bought' => $amount, 'bought_on' => Carbon::now()->toDateString()];
            $before === null ? $changes->create($changes->bench->consumables(), ['kind' => $kind, ...$columns]) : $changes->update($before, $columns);
        });

        return (new ShowCare)($ledger->bench)->setStatusCode(201);
    }
}
