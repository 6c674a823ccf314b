<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** What a straightedge is tested against. */
enum StraightedgeMethod: string
{
    /** Itself, turned over its long axis: the lines part by twice the error. */
    case Reversal = 'reversal';
    /** A flat that is trusted: the gap under the edge is the error itself. */
    case Flat = 'flat';

    public function label(): string
    {
        return match ($this) {
            self::Reversal => 'itself, turned over',
            self::Flat => 'a flat you trust',
        };
    }
}
