<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

/** What a saw is filed for, and the teeth that suit it. Common practice, no source; degrees and set from memory. */
enum SawUse: string
{
    case Rip = 'rip';
    case Cross = 'cross';
    case Joinery = 'joinery';
    case Wet = 'wet';

    public function label(): string
    {
        return match ($this) {
            self::Rip => 'along the grain',
            self::Cross => 'across the grain',
            self::Joinery => 'joints, both ways',
            self::Wet => 'wet wood',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Rip => 'Chisel teeth: the front upright, filed straight across.',
            self::Cross => 'Knife teeth: leaned back and fleamed, they sever the fibres first.',
            self::Joinery => 'A little of both: it cuts along and across well enough for joints.',
            self::Wet => 'Wet fibres swell and drag: more set, and room for coarse dust.',
        };
    }

    public function rakeDeg(): float
    {
        return match ($this) {
            self::Rip => 4.0,
            self::Cross => 15.0,
            self::Joinery => 10.0,
            self::Wet => 12.0,
        };
    }

    public function fleamDeg(): float
    {
        return match ($this) {
            self::Rip => 0.0,
            self::Cross => 20.0,
            self::Joinery => 10.0,
            self::Wet => 15.0,
        };
    }

    /** Set to one side, mm: for a thin plate of a joinery saw less than for a thick one. */
    public function setMm(float $plateMm): float
    {
        $share = match ($this) {
            self::Rip => 0.15,
            self::Cross => 0.18,
            self::Joinery => 0.1,
            self::Wet => 0.3,
        };

        return max(0.05, round($share * $plateMm, 2));
    }
}
