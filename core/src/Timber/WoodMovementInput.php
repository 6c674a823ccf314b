<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class WoodMovementInput
{
    /** @throws InvalidInput when the wood is not known, or known twice */
    public function __construct(
        #[
            Field('angle of the growth rings to the face: 0 flatsawn, 90 quartersawn', atLeast: 0, atMost: 90),
        ]
        public float $ringAngleDeg,
        #[Field('size across the grain, mm', above: 0)] public float $widthMm,
        #[Field('how moist it is')] public WoodState $from,
        #[Field('how moist it becomes')] public WoodState $to,
        #[Field('name of the wood, as the Wood Handbook lists it')] public ?string $species = null,
        #[
            Field('shrinkage along the radius, green to ovendry, per cent', above: 0, atMost: 25),
        ]
        public ?float $radialPct = null,
        #[
            Field('shrinkage along the rings, green to ovendry, per cent', above: 0, atMost: 25),
        ]
        public ?float $tangentialPct = null,
        #[
            Field('angle of the grain to the edge, degrees', atLeast: -45, atMost: 45),
        ]
        public float $grainRunoutDeg = 0.0,
        #[Field('length of the edge, mm', above: 0)] public ?float $lengthMm = null,
    ) {
        if ($species !== null && ($radialPct !== null || $tangentialPct !== null)) {
            throw InvalidInput::because('species', 'give either the wood’s name or its two shrinkages');
        }
        if ($species === null && ($radialPct === null || $tangentialPct === null)) {
            throw InvalidInput::because(
                $radialPct === null ? ($tangentialPct === null ? 'species' : 'radialPct') : 'tangentialPct',
                'is missing: give the wood’s name, or its two shrinkages together',
            );
        }
        if ($species !== null && Species::named($species) === null) {
            throw InvalidInput::because(
                'species',
                'is not listed; did you mean '.Species::nearest($species).'? Otherwise give its two shrinkages',
            );
        }
    }

    /** @return array{float, float} radial and tangential shrinkage, per cent */
    public function shrinkage(): array
    {
        $listed = $this->species === null ? null : Species::named($this->species);

        return [$listed->radialPct ?? (float) $this->radialPct, $listed->tangentialPct ?? (float) $this->tangentialPct];
    }
}
