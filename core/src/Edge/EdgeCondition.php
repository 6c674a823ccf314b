<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What is wrong with an edge, and how far it must go back to be right unless the user knows better. */
enum EdgeCondition: string
{
    case TouchUp = 'touch-up';
    case Dull = 'dull';
    case Nicked = 'nicked';
    case FreshGrind = 'fresh-grind';
    case Back = 'back';

    /** Recession along the back in mm; from memory, to be replaced by the user's own record. Null: must be measured. */
    public function usualRecessionMm(): ?float
    {
        return match ($this) {
            self::TouchUp => 0.01,
            self::Dull => 0.03,
            self::FreshGrind => 0.02,
            self::Nicked => null,
            self::Back => 0.0,
        };
    }
}
