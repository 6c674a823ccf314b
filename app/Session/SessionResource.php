<?php

declare(strict_types=1);

namespace App\Session;

use App\Http\RecordLink;
use App\Making\Making;
use App\Reference\ReferenceTest;
use JackRest\Desk\Session\SessionStep;

/** A session as bench mode walks it. */
final class SessionResource
{
    /** @return array<string, mixed> */
    public static function of(BenchSession $session): array
    {
        $steps = $session->walked();

        return [
            'id' => $session->id,
            'version' => $session->version,
            'kind' => $session->kind->value,
            'title' => $session->title,
            'about' => self::about($session),
            'state' => $session->state,
            'phase' => $session->phase,
            'atStep' => $session->at_step,
            'steps' => array_map(self::step(...), $steps),
            'counted' => $session->counted,
            'secondsPerStroke' => 1.0,
            'caution' => $session->kind->caution($steps),
        ];
    }

    /**
     * The record whose page follows when the session has ended; null: there is none, as after a sharpening day.
     *
     * @return array{kind: string, id: int|null}|null
     */
    private static function about(BenchSession $session): ?array
    {
        $subject = $session->subject;

        return match (true) {
            $subject === null => null,
            $subject instanceof ReferenceTest => RecordLink::of(RecordLink::to($subject->reference)),
            // Once it is made, where its first test is made, or the tool itself.
            $subject instanceof Making && $subject->state === 'made' => RecordLink::of(RecordLink::toMade($subject)),
            default => RecordLink::of(RecordLink::to($subject)),
        };
    }

    /** @return array<string, mixed> */
    private static function step(SessionStep $step): array
    {
        return [
            'title' => $step->title,
            'particleUm' => $step->particleUm,
            'count' => $step->count,
            'seconds' => $step->seconds,
            'see' => $step->see,
            'kind' => $step->kind,
            'beside' => $step->beside,
            'says' => $step->says,
            'of' => $step->of,
        ];
    }
}
