<?php

declare(strict_types=1);

namespace App\Session;

use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Session\Answer\SessionAnswer;
use Illuminate\Support\Carbon;

/** A session at the bench: shown, saved at every tap, ended. */
final class SessionController
{
    public function show(BenchSession $session): SessionAnswer
    {
        return SessionResource::of($session);
    }

    /** Saved at every tap, so that a closed browser loses nothing. */
    public function update(ProgressRequest $request, Ledger $ledger, BenchSession $session): SessionAnswer
    {
        self::refuseEnded($session);
        $ledger->save(static function (Changes $changes) use ($session, $request): void {
            $now = Carbon::now()->toIso8601ZuluString();
            $to = $request->progress($session);
            $counted = $to['counted'][$session->at_step] ?? 0;
            $changes->update($session, [
                ...$to,
                'spent' => $session->spentUntil($now, $to['at_step'], $counted),
                'spent_at' => $now,
            ], $request->version());
        });

        return SessionResource::of($session);
    }

    /** Done, or left where it stands; either way the diary has it. */
    public function finish(
        FinishRequest $request,
        Ledger $ledger,
        BenchSession $session,
        SessionEnds $ends,
    ): SessionAnswer {
        self::refuseEnded($session);
        $done = $request->isDone();
        // What is not saved by a tap: the time since the last of them.
        $last = $done ? count($session->steps) : $session->at_step;
        $counted = $session->counted[$session->at_step] ?? 0;
        $spent = $session->spentUntil(Carbon::now()->toIso8601ZuluString(), $last, $counted);
        $session->spent = $spent;
        $end = $ends->of($session, $done);
        $ledger->record($end->entryKind(), $session->about() ?? $session->title, $end->sentence(), static function (
            Changes $changes,
        ) use ($session, $done, $request, $end, $spent): void {
            $now = Carbon::now()->toIso8601ZuluString();
            $state = $done ? BenchSession::FINISHED : BenchSession::STOPPED;
            $columns = ['state' => $state, 'ended_at' => $now, 'spent' => $spent, 'spent_at' => $now];
            $changes->update($session, $columns, $request->version());
            $end->write($changes, $now);
        });

        return SessionResource::of($session);
    }

    private static function refuseEnded(BenchSession $session): void
    {
        abort_if(! $session->isRunning(), 409, 'This session has ended already.');
    }
}
