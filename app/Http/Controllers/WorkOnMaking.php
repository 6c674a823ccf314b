<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\MakingSession;
use App\Http\Requests\WorkOnMakingRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use App\Models\Making;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;

/** Takes the next stage of a making to the bench: the steps up to its next wait. */
final class WorkOnMaking
{
    public function __invoke(WorkOnMakingRequest $request, Ledger $ledger, Making $making): JsonResponse
    {
        if ($making->state === 'made') {
            throw InvalidInput::because('', 'It is made already.');
        }
        if ($making->isWaiting(Carbon::now()->toIso8601ZuluString()) && ! $request->isEarly()) {
            throw InvalidInput::because('early', 'It waits for '.$making->waitsFor().' until '.Carbon::parse((string) $making->waits_until)->format('j F').'.');
        }
        $session = $making->sessions()->where('state', 'running')->first();
        if ($session === null) {
            $ledger->save(static function (Changes $changes) use ($making, $request, &$session): void {
                $changes->update($making, ['waits_until' => null], $request->version());
                $session = $changes->create($changes->bench->sessions(), MakingSession::columns($making));
            });
        }
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session->load('making.tool')), 201);
    }
}
