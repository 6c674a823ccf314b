<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class MarkingChainResult
{
    public function __construct(
        #[Field('every error at its largest, all the same way')] public float $worstMm,
        #[Field('root of the sum of the squares: what is likely')] public float $likelyMm,
        #[
            Field('two parts made with one setting carried by a gauge: how far they can differ'),
        ]
        public float $betweenPartsFixedMm,
        #[Field('two parts each measured anew: how far they can differ')] public float $betweenPartsMeasuredMm,
        #[Field('whether the fit holds')] public ?MarkingVerdict $verdict = null,
    ) {
    }
}
