<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What kind of blade an edge belongs to, and which of its angles can be chosen. */
enum EdgeForm: string
{
    case Chisel = 'chisel';
    case PlaneIron = 'plane-iron';
    case Spokeshave = 'spokeshave';
    case Knife = 'knife';
    case GaugeWheel = 'gauge-wheel';

    public function label(): string
    {
        return match ($this) {
            self::Chisel => 'chisel',
            self::PlaneIron => 'plane iron',
            self::Spokeshave => 'spokeshave iron',
            self::Knife => 'knife',
            self::GaugeWheel => 'gauge wheel',
        };
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
