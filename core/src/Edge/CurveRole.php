<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Timber\Hardness;

/**
 * What a curved iron is for, and how much its corners shall stay back in the wood. Common practice; amounts from
 * memory.
 */
enum CurveRole: string
{
    case Scrub = 'scrub';
    case Fore = 'fore';
    case Jack = 'jack';
    case Joint = 'joint';
    case Smooth = 'smooth';

    public function label(): string
    {
        return match ($this) {
            self::Scrub => 'scrub: wood off fast',
            self::Fore => 'fore: bring a board down',
            self::Jack => 'jack: flatten and prepare',
            self::Joint => 'jointer: straight edges',
            self::Smooth => 'smoother: the last surface',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Scrub => 'A gouge of a cut, across the grain.',
            self::Fore => 'Thick shavings, scalloped; the next plane levels them.',
            self::Jack => 'Corners that never dig, still a broad shaving.',
            self::Joint => 'Hardly any: enough to bring an edge square by moving the plane sideways.',
            self::Smooth => 'As much as its shaving is thick: no tracks at the corners.',
        };
    }

    /** How much less the corners reach into the wood, mm: hard wood is taken in thinner shavings. */
    public function reliefMm(Hardness $hardness): float
    {
        $usual = match ($this) {
            self::Scrub => 1.7,
            self::Fore => 0.9,
            self::Jack => 0.5,
            self::Joint => 0.03,
            self::Smooth => 0.05,
        };

        return round(
            $usual *
                match ($hardness) {
                    Hardness::Soft => 1.2,
                    Hardness::Medium => 1.0,
                    Hardness::Hard => 0.7,
                },
            3,
        );
    }
}
