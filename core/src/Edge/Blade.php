<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** An edge as it is on record: the blade and its bevels. */
final readonly class Blade
{
    public function __construct(
        public float $widthMm,
        public float $thicknessMm,
        public float $primaryDeg,
        public float $secondaryDeg,
        public float $microWidthMm,
        public float $finishUm,
    ) {
    }

    /** @return float length of the whole bevel along the steel, mm */
    public function bevelLengthMm(): float
    {
        return $this->thicknessMm / sin(deg2rad($this->primaryDeg));
    }
}
