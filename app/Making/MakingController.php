<?php

declare(strict_types=1);

namespace App\Making;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Making\Answer\MakingAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** A plan being made, stage by stage. */
final class MakingController
{
    public function show(Making $making, LengthFormatter $format): MakingAnswer
    {
        return MakingResource::of($making->load('tool'), $format);
    }

    /**
     * Takes the next stage of a making to the bench: the steps up to its next wait.
     *
     * @return Created<SessionAnswer>
     */
    public function work(WorkOnMakingRequest $request, Ledger $ledger, Making $making): Created
    {
        if ($making->state === 'made') {
            throw InvalidInput::because('', 'It is made already.');
        }
        if ($making->isWaiting(Carbon::now()->toIso8601ZuluString()) && ! $request->isEarly()) {
            throw InvalidInput::because(
                'early',
                'It waits for '.
                    $making->waitsFor().
                    ' until '.
                    Carbon::parse((string) $making->waits_until)->format('j F').
                    '.',
            );
        }
        $session = Sessions::running($ledger->bench, $making);
        if ($session === null) {
            $ledger->save(static function (Changes $changes) use ($making, $request, &$session): void {
                $changes->update($making, ['waits_until' => null], $request->version());
                $steps = array_map(
                    static fn (array $step): SessionStep => SessionStep::ofMaking(new MakingStep(...$step)),
                    $making->stage(),
                );
                $session = Sessions::begin($changes, SessionKind::Making, $making, $making->name, $steps);
            });
        }
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }

    /** Leaves off making something; what was cut is cut, and stays off the blanks. */
    public function destroy(VersionedRequest $request, Ledger $ledger, Making $making): DiaryEntryAnswer
    {
        $sentence =
            $making->state === 'made'
                ? "Took the making of the {$making->name} off the list."
                : "Stopped making the {$making->name}.";
        $entry = $ledger->record('making-left', $making, $sentence, static function (Changes $changes) use (
            $making,
            $request,
        ): void {
            foreach ($making->sessions()->where('state', 'running')->get() as $session) {
                $changes->update($session, ['state' => 'stopped']);
            }
            $changes->delete($making, $request->version());
        });

        return DiaryResource::entry($entry);
    }
}
