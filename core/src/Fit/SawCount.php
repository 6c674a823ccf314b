<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Timber\Hardness;

/** Strokes that were really counted through one cut. */
final readonly class SawCount
{
    public function __construct(
        public float $teethPerInch,
        public float $strokeLengthMm,
        public float $thicknessMm,
        public float $depthMm,
        public Hardness $hardness,
        public int $strokes,
    ) {
    }

    /** How many times the model's bite this saw took. */
    public function factor(): float
    {
        $model = (new SawFit())(
            new SawFitInput(
                $this->teethPerInch,
                $this->strokeLengthMm,
                $this->thicknessMm,
                $this->depthMm,
                $this->hardness,
            ),
        );

        return $this->depthMm / $this->strokes / $model->mmPerStroke;
    }
}
