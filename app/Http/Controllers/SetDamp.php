<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DampRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;

/** How damp the shop is: rust is looked after by it. */
final class SetDamp
{
    public function __invoke(DampRequest $request, Ledger $ledger): JsonResponse
    {
        $damp = $request->damp();
        $ledger->record('damp', 'shop', "The shop’s air is {$damp->label()}.", static function (Changes $changes) use ($damp): void {
            $settings = $changes->bench->kitSettings()->first() ?? $changes->create($changes->bench->kitSettings(), ['answers' => [], 'overrules' => []]);
            $changes->update($settings, ['damp' => $damp]);
        });

        return (new ShowCare)($ledger->bench);
    }
}
