<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

final readonly class SawTeethResult
{
    public function __construct(
        #[Field('distance from tip to tip, mm')] public float $pitchMm,
        #[Field('teeth per inch')] public float $teethPerInch,
        #[Field('points per inch')] public float $pointsPerInch,
        #[Field('height of a tooth, from the gullet’s bottom to its tip, mm')] public float $heightMm,
        #[Field('length of a tooth’s front, seen from the side, mm')] public float $frontMm,
        #[Field('length of its back, seen from the side, mm')] public float $backMm,
        #[Field('how far its back leans from upright, degrees')] public float $backDeg,
        #[Field('angle at its tip, seen from the side, degrees')] public float $tipDeg,
        #[Field('the longer flank as the file lies in it, square to the file, mm')] public float $flankMm,
        #[Field('area of a gullet between two tips, mm²')] public float $gulletAreaMm2,
        #[Field('width of the cut, mm; where the plate is given')] public ?float $kerfMm = null,
    ) {
    }
}
