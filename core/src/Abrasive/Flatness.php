<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

/** When a stone is flattened, by school; common practice. */
enum Flatness: string
{
    case EachTime = 'each-time';
    case EveryFew = 'every-few';

    /** Seconds each use adds. */
    public function secondsEachUse(Medium $medium): float
    {
        return $this === self::EachTime && $medium->edgesUntilHollow() !== null ? 10.0 : 0.0;
    }

    /** @param  int  $edges  honed on it since it was last flat */
    public function isDue(Medium $medium, int $edges): bool
    {
        $every = $medium->edgesUntilHollow();

        return $every !== null && $this !== self::EachTime && $edges >= $every;
    }
}
