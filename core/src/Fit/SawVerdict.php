<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** Whether a saw suits a cut. */
enum SawVerdict: string
{
    case Good = 'good';
    /** It does it, in more strokes than anybody likes. */
    case Slow = 'slow';
    case Catches = 'catches';
    case Clogs = 'clogs';
    case TooShallow = 'too-shallow';

    /** Whether it can be used for it at all. */
    public function suits(): bool
    {
        return $this === self::Good || $this === self::Slow;
    }
}
