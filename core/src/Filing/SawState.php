<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Labelled;

/** How a saw's teeth are found. What is jointed off is from memory. */
enum SawState: string implements Labelled
{
    case TouchUp = 'touch-up';
    case Dull = 'dull';
    case Uneven = 'uneven';
    case Retooth = 'retooth';

    public function label(): string
    {
        return match ($this) {
            self::TouchUp => 'still cuts: touch it up',
            self::Dull => 'dull: bright tips',
            self::Uneven => 'uneven teeth',
            self::Retooth => 'file new teeth',
        };
    }

    /** What the flat file takes off the highest tips, mm. */
    public function jointMm(): float
    {
        return match ($this) {
            self::TouchUp => 0.0,
            self::Dull => 0.05,
            self::Uneven => 0.2,
            self::Retooth => 0.1,
        };
    }
}
