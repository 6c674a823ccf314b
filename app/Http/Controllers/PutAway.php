<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PutAwayRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

/** Tools leave the board but not the record. */
final class PutAway
{
    public function __invoke(PutAwayRequest $request, Ledger $ledger): JsonResponse
    {
        $tools = $request->tools($ledger->bench);
        $names = implode(', ', array_map(static fn ($tool): string => $tool->name, $tools));
        $ledger->record('put-away', count($tools) === 1 ? $names : 'several tools', "Put away: $names.", static function (Changes $changes) use ($tools): void {
            foreach ($tools as $tool) {
                $changes->update($tool, ['away_on' => Carbon::now()->toDateString()]);
            }
        });

        return (new ShowIdle)($ledger->bench);
    }
}
