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

    public function label(): string
    {
        return match ($this) {
            self::TouchUp => 'Wants a touch-up',
            self::Dull => 'Dull',
            self::Nicked => 'Nicked',
            self::FreshGrind => 'Fresh from the grinder',
            self::Back => 'Back not flat',
        };
    }

    /** How to tell; common practice. */
    public function sign(): string
    {
        return match ($this) {
            self::TouchUp => 'Still cuts, but end grain is turning pale.',
            self::Dull => 'The edge shows as a bright line against a light.',
            self::Nicked => 'Bright spots along the edge, or ridges on planed wood.',
            self::FreshGrind => 'One bevel from the wheel, no secondary bevel yet.',
            self::Back => 'The back shines only in patches after a rub on a fine stone.',
        };
    }
}
