<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class CuttingGeometryInput
{
    /** @throws InvalidInput when the iron would scrape at 90° or more */
    public function __construct(
        #[Field('angle of the bed, degrees', above: 0, below: 90)] public float $bedDeg,
        #[Field('which way up the iron lies')] public Orientation $orientation,
        #[Field('bevel of the iron, degrees', above: 0, below: 90)] public float $bevelDeg,
        #[Field('bevel on its back, degrees', atLeast: 0, below: 90)] public float $backBevelDeg = 0.0,
        #[Field('how far the plane is turned to its path, degrees', atLeast: 0, below: 90)] public float $skewDeg = 0.0,
    ) {
        if ($this->cuttingDeg() >= 90.0) {
            $field = $orientation === Orientation::BevelUp ? 'bevelDeg' : 'backBevelDeg';
            throw InvalidInput::because($field, 'makes the cutting angle 90° or more; with the bed it must stay below');
        }
    }

    public function cuttingDeg(): float
    {
        return $this->bedDeg + ($this->orientation === Orientation::BevelUp ? $this->bevelDeg : $this->backBevelDeg);
    }

    public function clearanceDeg(): float
    {
        return $this->bedDeg - ($this->orientation === Orientation::BevelUp ? $this->backBevelDeg : $this->bevelDeg);
    }
}
