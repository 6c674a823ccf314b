<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ProgressRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use Illuminate\Http\JsonResponse;

/** Where a session stands: saved at every tap, so that a closed browser loses nothing. */
final class SaveSession
{
    public function __invoke(ProgressRequest $request, Ledger $ledger, BenchSession $session): JsonResponse
    {
        abort_if($session->state !== 'running', 409, 'This session has ended already.');
        $ledger->save(static function (Changes $changes) use ($session, $request): void {
            $changes->update($session, $request->progress($session), $request->version());
        });

        return new JsonResponse(SessionResource::of($session->load('edge', 'squareTest.square', 'straightTest.straight', 'making.tool')));
    }
}
