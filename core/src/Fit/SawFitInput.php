<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Timber\Hardness;

final readonly class SawFitInput
{
    public function __construct(
        #[Field('teeth per inch (points per inch less one)', above: 0, atMost: 100)] public float $teethPerInch,
        #[Field('length of toothed edge used in a stroke', above: 0)] public float $strokeLengthMm,
        #[Field('thickness of the stock', above: 0)] public float $stockThicknessMm,
        #[Field('depth of the cut', above: 0)] public float $cutDepthMm,
        #[Field('how hard the wood is')] public Hardness $hardness,
        #[
            Field(
                'angle of the toothed edge to the face: 60 ripping, 45 crosscutting with a handsaw, 90 with a level '
                    .'back saw',
                above: 0,
                atMost: 90,
            ),
        ]
        public float $sawAngleDeg = 90.0,
        #[Field('depth of plate under the back', above: 0)] public ?float $depthUnderBackMm = null,
        #[Field('thickness of the plate', above: 0)] public ?float $plateMm = null,
        #[Field('set of the teeth to one side', atLeast: 0)] public ?float $setPerSideMm = null,
        #[
            Field('how much more than the model this saw bites, by the user’s own counts', above: 0),
        ]
        public float $biteFactor = 1.0,
    ) {
    }

    /** The same cut with another bite. */
    public function biting(float $factor): self
    {
        return new self(
            $this->teethPerInch,
            $this->strokeLengthMm,
            $this->stockThicknessMm,
            $this->cutDepthMm,
            $this->hardness,
            $this->sawAngleDeg,
            $this->depthUnderBackMm,
            $this->plateMm,
            $this->setPerSideMm,
            $factor,
        );
    }
}
