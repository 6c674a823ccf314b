<?php

declare(strict_types=1);

namespace App\Session;

use App\Http\Answer\AboutAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\Answer\SessionStepAnswer;
use JackRest\Desk\Session\SessionStep;

/** A session as bench mode walks it. */
final class SessionResource
{
    public static function of(BenchSession $session): SessionAnswer
    {
        $steps = $session->walked();

        return new SessionAnswer(
            id: $session->id,
            version: $session->version,
            kind: $session->kind,
            title: $session->title,
            about: self::about($session),
            state: $session->state,
            phase: $session->phase,
            atStep: $session->at_step,
            steps: array_map(self::step(...), $steps),
            counted: $session->counted,
            secondsPerStroke: 1.0,
            caution: $session->kind->caution($steps),
        );
    }

    /**
     * The record whose page follows when the session has ended; null: there is none, as after a sharpening day.
     */
    private static function about(BenchSession $session): ?AboutAnswer
    {
        $about = $session->about();

        return $about === null ? null : AboutAnswer::of($about->topic());
    }

    private static function step(SessionStep $step): SessionStepAnswer
    {
        return new SessionStepAnswer(
            title: $step->title,
            particleUm: $step->particleUm,
            count: $step->count,
            seconds: $step->seconds,
            see: $step->see,
            kind: $step->kind,
            beside: $step->beside,
            says: $step->says,
            of: $step->of,
        );
    }
}
