<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

/** A tool that was put away or lent hangs on the board again. */
final class HangAgain
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $says = $tool->lent_on === null ? "Hung the {$tool->name} up again." : "The {$tool->name} is back from {$tool->lent_to}.";
        $ledger->record('hung-again', $tool->name, $says, static function (Changes $changes) use ($tool, $request): void {
            $changes->update($tool, ['away_on' => null, 'lent_to' => null, 'lent_on' => null, 'ask_on' => null], $request->version());
        });

        return (new ShowIdle)($ledger->bench);
    }
}
