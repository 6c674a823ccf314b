<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SettleLookRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\LookOver;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** The tool stayed at the stall. */
final class LeaveLook
{
    public function __invoke(SettleLookRequest $request, Ledger $ledger, LookOver $look, LengthFormatter $format): JsonResponse
    {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $ledger->record('tool-left', $look->name, "Left the {$look->name} at the stall.", static fn (Changes $changes) => $changes->update($look, ['state' => 'left'], $request->version()));

        return (new ShowLook)($look, $format);
    }
}
