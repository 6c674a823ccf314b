<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** What an edge looks like between its ends. */
enum EdgeShape: string
{
    case Straight = 'straight';
    case Crown = 'crown';
    case Hollow = 'hollow';
    case Wave = 'wave';

    /** Levelled through the ends: all within the tolerance, nothing below it, nothing above it, or both. */
    public static function of(Profile $profile, float $toleranceMm): self
    {
        $heights = $profile->throughEnds()->heightsMm;
        // The ends themselves are nought but for the last bits of a sum.
        $give = $toleranceMm + 1e-12;
        [$lowest, $highest] = [min([0.0, ...$heights]), max([0.0, ...$heights])];

        return match (true) {
            $lowest >= -$give && $highest <= $give => self::Straight,
            $lowest >= -$give => self::Crown,
            $highest <= $give => self::Hollow,
            default => self::Wave,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'straight',
            self::Crown => 'high in the middle',
            self::Hollow => 'hollow in the middle',
            self::Wave => 'wavy',
        };
    }
}
