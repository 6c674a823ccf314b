<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

/** One stop of a trial: how fine, and what the board and the hand said, each from 1 to 5. */
final readonly class TrialSide
{
    /**
     * @param  int  $surface  1 dull and furry … 5 shining
     * @param  int  $tearOut  1 none … 5 much
     * @param  int  $effort  1 light … 5 hard to push
     */
    public function __construct(public float $um, public int $surface, public int $tearOut, public int $effort)
    {
    }
}
