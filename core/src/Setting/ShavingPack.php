<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

/** Shavings pressed flat and measured together. */
final readonly class ShavingPack
{
    public function __construct(
        #[Field('how many shavings', atLeast: 1)] public int $count,
        #[Field('their thickness together, mm', above: 0)] public float $thicknessMm,
        #[Field('what the instrument can tell apart, mm', atLeast: 0)] public float $resolutionMm = 0.0,
    ) {
    }

    public function eachMm(): float
    {
        return $this->thicknessMm / $this->count;
    }

    /** Standard uncertainty of one shaving, mm; a reading taken as uniform over the resolution. Source: JCGM 100. */
    public function uncertaintyOfEachMm(): float
    {
        return $this->resolutionMm / sqrt(12) / $this->count;
    }
}
