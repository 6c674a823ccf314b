<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

use JackRest\Core\Labelled;

/** How damp the shop's air is through most of the year; iron rusts from about 60 % on. Common practice, no source. */
enum Damp: string implements Labelled
{
    case Dry = 'dry';
    case Ordinary = 'ordinary';
    case Damp = 'damp';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'dry, under 50 %',
            self::Ordinary => 'ordinary, 50 to 65 %',
            self::Damp => 'damp, over 65 %',
        };
    }

    /** What becomes of an interval between two rounds against rust; from memory. */
    public function factor(): float
    {
        return match ($this) {
            self::Dry => 2.0,
            self::Ordinary => 1.0,
            self::Damp => 0.5,
        };
    }

    /** What air of this humidity is called, per cent in the mean. */
    public static function of(float $rhPct): self
    {
        return match (true) {
            $rhPct < 50 => self::Dry,
            $rhPct <= 65 => self::Ordinary,
            default => self::Damp,
        };
    }
}
