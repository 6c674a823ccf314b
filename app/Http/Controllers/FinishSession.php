<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfSession;
use App\Http\Requests\FinishRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\HoningSession;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

/** Ends a session: its edges are sharp, or left as they stand; either way the diary has it. */
final class FinishSession
{
    public function __invoke(FinishRequest $request, Ledger $ledger, HoningSession $session): JsonResponse
    {
        abort_if($session->state !== 'running', 409, 'This session has ended already.');
        $sharp = $request->isSharp();
        $edges = new EdgesOfSession($session, $sharp);
        $ledger->record($sharp ? 'honed' : 'honing-stopped', $session->name(), $edges->sentence(), static function (Changes $changes) use ($session, $sharp, $request, $edges): void {
            $now = Carbon::now()->toIso8601ZuluString();
            $changes->update($session, ['state' => $sharp ? 'finished' : 'stopped', 'ended_at' => $now], $request->version());
            $edges->write($changes, $now);
        });

        return new JsonResponse(SessionResource::of($session));
    }
}
