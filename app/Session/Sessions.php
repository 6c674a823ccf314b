<?php

declare(strict_types=1);

namespace App\Session;

use App\Bench\Bench;
use App\Ledger\Changes;
use App\Ledger\Record;
use Illuminate\Support\Carbon;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Begins sessions, and finds those that are under way. */
final class Sessions
{
    /**
     * @param  list<SessionStep>  $steps
     * @param  array<string, mixed>  $context  what its end needs to know
     */
    public static function begin(
        Changes $changes,
        SessionKind $kind,
        ?Record $subject,
        string $title,
        array $steps,
        array $context = [],
    ): BenchSession {
        return $changes->create(BenchSession::of($changes->bench), [
            'kind' => $kind,
            'subject_type' => $subject?->getMorphClass(),
            'subject_id' => $subject?->id,
            'title' => $title,
            'steps' => array_map(static fn (SessionStep $step): array => $step->toArray(), $steps),
            'counted' => array_fill(0, count($steps), 0),
            'context' => $context,
            'at_step' => 0,
            'phase' => 'fetch',
            'state' => BenchSession::RUNNING,
            'started_at' => Carbon::now()->toIso8601ZuluString(),
        ]);
    }

    /** The session about a record that is under way; null: none is. */
    public static function running(Bench $bench, Record $subject): ?BenchSession
    {
        return BenchSession::of($bench)->where('state', BenchSession::RUNNING)
            ->where('subject_type', $subject->getMorphClass())->where('subject_id', $subject->id)
            ->latest('id')->first();
    }
}
