<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class SoleFitResult
{
    public function __construct(
        #[Field('the hollow the plane can leave over the board’s length')] public float $residualMm,
        #[Field('whether that is within the tolerance')] public SoleVerdict $verdict,
        #[Field('the shortest sole that would do')] public float $soleNeededMm,
    ) {
    }
}
