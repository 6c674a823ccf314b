<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class SawFitResult
{
    public function __construct(
        #[Field('distance from tooth to tooth')] public float $pitchMm,
        #[Field('length of kerf the teeth are in')] public float $kerfLengthMm,
        #[Field('teeth in the cut at once')] public float $teethInCut,
        #[Field('how deep each tooth bites')] public float $bitePerToothMm,
        #[Field('what keeps it from biting deeper')] public SawLimit $limit,
        #[Field('how much deeper a stroke goes')] public float $mmPerStroke,
        #[Field('strokes for the whole cut')] public int $strokes,
        #[Field('whether the saw suits the cut')] public SawVerdict $verdict,
        #[Field('why')] public string $reason,
        #[Field('width of the kerf')] public ?float $kerfMm = null,
    ) {
    }
}
