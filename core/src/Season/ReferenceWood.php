<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Timber\Species;
use JackRest\Core\Timber\WoodMovement;

/** The wood a reference is made of, as far as it decides how the reference moves. */
final readonly class ReferenceWood
{
    /** Grain that nobody measured is taken to run out by this; from memory. */
    public const USUAL_RUNOUT_DEG = 2.0;

    public function __construct(
        public Species $species,
        public float $ringDeg,
        public float $runoutDeg,
        public float $thicknessMm,
    ) {
    }

    /** How far an edge turns against its fibres for each per cent of moisture, radians (see `wood-movement`). */
    public function turnPerPct(): float
    {
        $coefficient =
            WoodMovement::coefficient($this->species->tangentialPct) * Angle::cos($this->ringDeg) ** 2 +
            WoodMovement::coefficient($this->species->radialPct) * Angle::sin($this->ringDeg) ** 2;

        return $coefficient * Angle::sin($this->runoutDeg) * Angle::cos($this->runoutDeg);
    }
}
