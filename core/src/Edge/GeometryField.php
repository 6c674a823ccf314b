<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Measure\DimensionUnit;

/** One figure of an edge's geometry: how it is called, in what it is typed, what is possible. */
enum GeometryField: string
{
    case Width = 'width';
    case Thickness = 'thickness';
    case BevelLength = 'bevelLength';
    case Honed = 'honed';
    case MicroWidth = 'microWidth';
    case Bed = 'bed';
    case Shim = 'shim';
    case Reach = 'reach';
    case Skew = 'skew';
    case Wheel = 'wheel';
    case HonedOff = 'honedOff';
    case Relief = 'relief';
    case Nick = 'nick';
    case Left = 'left';

    public function label(): string
    {
        return match ($this) {
            self::Width => 'Width of the blade',
            self::Thickness => 'Thickness of the blade',
            self::BevelLength => 'Bevel, edge to heel',
            self::Honed => 'Honed angle',
            self::MicroWidth => 'Secondary bevel, wide',
            self::Bed => 'Bed angle',
            self::Shim => 'Thin rule under the back',
            self::Reach => 'Edge to where it lies',
            self::Skew => 'Skew of the edge',
            self::Wheel => 'Ground on a wheel of',
            self::HonedOff => 'Honed off the hollow so far',
            self::Relief => 'Corners stand back by',
            self::Nick => 'A nick, deep',
            self::Left => 'Blade left',
        };
    }

    public function hint(): string
    {
        return match ($this) {
            self::BevelLength => 'along the steel',
            self::Honed => 'as your guide or hand sets it',
            self::Shim, self::Reach => 'for a back bevel',
            self::Wheel => 'diameter; empty for a flat bevel',
            self::Relief => 'as the wood sees it',
            self::Left => 'that can still be used up',
            default => '',
        };
    }

    public function unit(): DimensionUnit
    {
        return match ($this) {
            self::Honed, self::Bed, self::Skew => DimensionUnit::Degrees,
            self::MicroWidth, self::Shim, self::HonedOff, self::Relief, self::Nick => DimensionUnit::Thickness,
            default => DimensionUnit::Length,
        };
    }

    /** @return array{float, float, string} least, most, and what is said beyond them; mm or degrees */
    public function limits(): array
    {
        return match ($this) {
            self::Width => [0.5, 120, 'A blade is between 0.5 and 120 mm wide.'],
            self::Thickness => [0.3, 20, 'A blade is between 0.3 and 20 mm thick.'],
            self::BevelLength => [0.5, 100, 'A bevel is between 0.5 and 100 mm long.'],
            self::Honed => [10, 80, 'An edge is honed between 10° and 80°.'],
            self::MicroWidth => [0, 20, 'A secondary bevel is narrower than 20 mm.'],
            self::Bed => [5, 89, 'A bed lies between 5° and 89°.'],
            self::Shim => [0.01, 5, 'The rule under the back is between 0.01 and 5 mm thick.'],
            self::Reach => [5, 300, 'From the edge to where the iron lies is between 5 and 300 mm.'],
            self::Skew => [0, 60, 'A skew is between 0° and 60°.'],
            self::Wheel => [30, 600, 'A wheel is between 30 and 600 mm across.'],
            self::HonedOff => [0, 5, 'Between 0 and 5 mm can be honed off.'],
            self::Relief => [0.01, 10, 'A curve stands back between 0.01 and 10 mm at the corners.'],
            self::Nick => [0.001, 5, 'A nick is between 0.001 and 5 mm deep.'],
            self::Left => [0, 200, 'Between 0 and 200 mm of a blade can be used up.'],
        };
    }

    /** @return list<self> the figures that this kind of edge has */
    public static function of(EdgeKind $form): array
    {
        $bed = [self::Bed, self::Shim, self::Reach];
        $skew = [self::Skew];
        $grind = [self::Wheel, self::HonedOff];
        $first = [self::BevelLength, self::Thickness, self::Honed, self::MicroWidth, self::Width];

        return match ($form) {
            EdgeKind::PlaneIron => [...$first, ...$bed, ...$skew, ...$grind, self::Relief, self::Nick, self::Left],
            EdgeKind::Spokeshave => [...$first, ...$bed, ...$grind, self::Nick, self::Left],
            EdgeKind::Chisel => [...$first, ...$skew, ...$grind, self::Nick, self::Left],
            EdgeKind::Knife => [...$first, ...$skew, self::Left],
            EdgeKind::GaugeWheel => $first,
            EdgeKind::Drawknife, EdgeKind::Axe, EdgeKind::Gouge => [...$first, self::Nick, self::Left],
        };
    }
}
