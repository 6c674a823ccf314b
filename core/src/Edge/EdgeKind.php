<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What kind of blade an edge belongs to, and which of its angles can be chosen. */
enum EdgeKind: string
{
    case Chisel = 'chisel';
    case PlaneIron = 'plane-iron';
    case Spokeshave = 'spokeshave';
    case Knife = 'knife';
    case GaugeWheel = 'gauge-wheel';
    case Drawknife = 'drawknife';
    case Axe = 'axe';
    case Gouge = 'gouge';

    public function label(): string
    {
        return match ($this) {
            self::Chisel => 'chisel',
            self::PlaneIron => 'plane iron',
            self::Spokeshave => 'spokeshave iron',
            self::Knife => 'knife',
            self::GaugeWheel => 'gauge wheel',
            self::Drawknife => 'drawknife',
            self::Axe => 'axe',
            self::Gouge => 'gouge',
        };
    }

    /**
     * How long its edge is, mm, by the tool's own sizes; a gouge's runs along its sweep: 2·R·asin(w/2R).
     *
     * @param  array<string, float>  $sizes  of the tool, mm by name
     * @param  float  $usualMm  where they do not say
     */
    public function edgeMm(array $sizes, float $usualMm): float
    {
        $width = $sizes[match ($this) {
            self::PlaneIron, self::Spokeshave => 'iron',
            self::Drawknife => 'length',
            self::Axe => 'head',
            default => 'width',
        }] ?? $usualMm;
        $radius = $sizes['radius'] ?? 0.0;

        return $this === self::Gouge && $radius > 0.0 ? 2 * $radius * asin(min(1.0, $width / (2 * $radius))) : $width;
    }

    /** Whether it lies on a bed, so that cutting angle and clearance are the tool's. */
    public function hasBed(): bool
    {
        return $this === self::PlaneIron || $this === self::Spokeshave;
    }

    /** A chisel's or knife's back is its reference: nothing is ever taken off there at an angle. */
    public function mayHaveBackBevel(): bool
    {
        return $this->hasBed();
    }

    public function mayBeCurved(): bool
    {
        return $this === self::PlaneIron;
    }

    /** Which seat of a honing guide holds it; null: none does. */
    public function seat(): ?GuideSeat
    {
        return match ($this) {
            self::Chisel => GuideSeat::Chisel,
            self::PlaneIron, self::Spokeshave => GuideSeat::Iron,
            default => null,
        };
    }
}
