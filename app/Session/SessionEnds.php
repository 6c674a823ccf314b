<?php

declare(strict_types=1);

namespace App\Session;

use JackRest\Desk\Session\SessionKind;

/** By its kind, what the end of a session writes. */
final class SessionEnds
{
    /** @param  bool  $isDone  walked to its end; otherwise it was stopped where it stands */
    public static function of(BenchSession $session, bool $isDone): SessionEnd
    {
        return match ($session->kind) {
            SessionKind::Honing, SessionKind::Day => new HoningEnd($session, $isDone),
            SessionKind::Planing => new PlaningEnd($session),
            SessionKind::Filing, SessionKind::Turning, SessionKind::BitFiling => new FilingEnd($session, $isDone),
            SessionKind::Making => new MakingEnd($session, $isDone),
        };
    }
}
