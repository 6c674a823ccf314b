<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Labelled;

/** What a check of a second-hand tool comes to. */
enum Outcome: string implements Labelled
{
    case Sound = 'sound';
    case Mend = 'mend';
    case WalkAway = 'walk-away';

    public function label(): string
    {
        return match ($this) {
            self::Sound => 'sound',
            self::Mend => 'mend',
            self::WalkAway => 'walk away',
        };
    }
}
