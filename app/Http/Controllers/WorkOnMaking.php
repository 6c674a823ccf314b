<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WorkOnMakingRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Making;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

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
        $session = Sessions::running($ledger->bench, $making);
        if ($session === null) {
            $ledger->save(static function (Changes $changes) use ($making, $request, &$session): void {
                $changes->update($making, ['waits_until' => null], $request->version());
                $steps = array_map(static fn (array $step): SessionStep => SessionStep::ofMaking(new MakingStep(...$step)), $making->stage());
                $session = Sessions::begin($changes, SessionKind::Making, $making, $making->name, $steps);
            });
        }
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
