<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/**
 * How much of its error a reference owes to its wood: mm for each per cent of moisture, of either sign.
 *
 * A square changes by twice the turning of its edge (`wood-movement`), a template likewise; a stick tapers by the
 * turning
 * over its length; a straightedge bows where its grain sweeps through the run-out from one end to the other: the sag of
 * an
 * arc that turns by so much, length/8 times it. Geometry; that grain runs so is taken from memory, and each reference's
 * own tests correct it.
 */
enum MoistureResponse: string
{
    case Square = 'square';
    case Straight = 'straight';
    case Sticks = 'sticks';
    case Slope = 'slope';

    public function mmPerPct(ReferenceWood $wood, float $lengthMm): float
    {
        return $wood->turnPerPct() *
            $lengthMm *
            match ($this) {
                self::Square, self::Slope => 2.0,
                self::Sticks => 1.0,
                self::Straight => 0.125,
            };
    }
}
