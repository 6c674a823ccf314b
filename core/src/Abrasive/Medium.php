<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

/** What an abrasive is, and how it behaves. Lives and intervals are from memory, to be replaced by the user's own. */
enum Medium: string
{
    case Waterstone = 'waterstone';
    case Oilstone = 'oilstone';
    case DiamondPlate = 'diamond-plate';
    case Paper = 'paper';
    case Film = 'film';
    case Strop = 'strop';
    case Wheel = 'wheel';
    case File = 'file';

    public function label(): string
    {
        return match ($this) {
            self::Waterstone => 'waterstone',
            self::Oilstone => 'oilstone',
            self::DiamondPlate => 'diamond plate',
            self::Paper => 'abrasive paper',
            self::Film => 'lapping film',
            self::Strop => 'strop',
            self::Wheel => 'grinding wheel',
            self::File => 'file',
        };
    }

    /** Whether a blade is honed on it; strops only finish, wheels grind, files are for saws and augers. */
    public function hones(): bool
    {
        return ! in_array($this, [self::Strop, self::Wheel, self::File], true);
    }

    /** What it is used with, where that matters to the others. */
    public function lubricant(): ?string
    {
        return match ($this) {
            self::Waterstone => 'water',
            self::Oilstone => 'oil',
            default => null,
        };
    }

    /** The scale its designation is usually printed in; common practice. */
    public function usualScale(): GritScale
    {
        return match ($this) {
            self::Waterstone => GritScale::Jis,
            self::Oilstone => GritScale::AnsiBonded,
            self::Paper => GritScale::FepaP,
            self::Wheel => GritScale::FepaF,
            self::DiamondPlate, self::Film, self::Strop, self::File => GritScale::Micron,
        };
    }

    /** Edges one piece honed before it is worn out. */
    public function usualLifeEdges(): int
    {
        return match ($this) {
            self::Waterstone => 1500,
            self::Oilstone, self::Wheel => 5000,
            self::DiamondPlate => 2500,
            self::Paper => 6,
            self::Film => 12,
            self::Strop => 600,
            self::File => 60,
        };
    }

    /** Edges on it until it is hollow enough to matter; null: it stays flat, or is not flattened. */
    public function edgesUntilHollow(): ?int
    {
        return match ($this) {
            self::Waterstone => 4,
            self::Oilstone => 60,
            default => null,
        };
    }

    /** Seconds to flatten it again. */
    public function flatteningSeconds(): int
    {
        return $this === self::Oilstone ? 300 : 60;
    }

    /** Seconds to fetch it and make it ready. */
    public function changeSeconds(): float
    {
        return match ($this) {
            self::Waterstone => 20,
            self::Paper, self::Film => 30,
            self::Wheel => 120,
            default => 10,
        };
    }
}
