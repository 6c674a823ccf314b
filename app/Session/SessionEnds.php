<?php

declare(strict_types=1);

namespace App\Session;

use Closure;

/** By its kind, what the end of a session writes; each kind's end stands in the room it is about. */
final readonly class SessionEnds
{
    /** @param  Closure(BenchSession, bool): SessionEnd  $ends */
    public function __construct(private Closure $ends)
    {
    }

    /** @param  bool  $isDone  walked to its end; otherwise it was stopped where it stands */
    public function of(BenchSession $session, bool $isDone): SessionEnd
    {
        return ($this->ends)($session, $isDone);
    }
}
