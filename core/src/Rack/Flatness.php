<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

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

    /** What is to be done about it now; null: nothing. */
    public function due(RackStone $piece): ?string
    {
        $every = $piece->stone->medium->edgesUntilHollow();
        if ($every === null || $this === self::EachTime || $piece->edgesSinceFlat < $every) {
            return null;
        }
        $minutes = intdiv($piece->stone->medium->flatteningSeconds(), 60);

        return "Flatten the {$piece->stone->name}: {$piece->edgesSinceFlat} edges since it was last flat. About ".
            ($minutes === 1 ? 'a minute.' : "$minutes minutes.");
    }
}
